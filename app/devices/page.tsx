import { callersDatabase } from '@/server/callers-database';
import { DevicesScreen } from '@/features/devices/devices-screen';
import { loadDevices } from '@/features/devices/use-cases/load-devices';
import { nowMs } from '@/server/clock';
import { live } from '@/server/live';
import { LivePage } from '@/ui/live/live-page';
import { readable } from '../readable';
import { devicesScreenWords } from '@/words/screens/devices';

export const generateMetadata = () => ({ title: devicesScreenWords.devicesScreen.title });
export const dynamic = 'force-dynamic';

async function DevicesPage() {
  const changes = live().state();
  const data = await loadDevices(callersDatabase());
  return (
    <>
      <DevicesScreen data={data} serverNowMs={nowMs()} />
      <LivePage page={changes} of={['device']} />
    </>
  );
}

export default readable(DevicesPage);
