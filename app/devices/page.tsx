import { database } from '@/data/database';
import { DevicesScreen } from '@/features/devices/devices-screen';
import { loadDevices } from '@/features/devices/use-cases/load-devices';
import { nowMs } from '@/server/clock';
import { readable } from '@/server/readable';
import { devicesScreenWords } from '@/words/screens/devices';

export const metadata = { title: devicesScreenWords.devicesScreen.title };
export const dynamic = 'force-dynamic';

async function DevicesPage() {
  return <DevicesScreen data={await loadDevices(database())} serverNowMs={nowMs()} />;
}

export default readable(DevicesPage);
