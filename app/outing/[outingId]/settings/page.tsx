import { notFound } from 'next/navigation';
import { findOuting } from '@/data/outings';
import { shownHub } from '@/features/settings/use-cases/link-hub';
import { copiesNow } from '@/features/settings/use-cases/copies';
import { callersDatabase } from '@/server/callers-database';
import { loadTeamSettings } from '@/data/team-settings';
import { SettingsScreen } from '@/features/settings/settings-screen';
import { readersTongue } from '@/server/readers-tongue';
import { readablePage } from '@/server/readable';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingOutingIdSettings;

export const generateMetadata = () => ({ title: WORDS.settings });

async function SettingsPage({ params }: { params: Promise<{ outingId: string }> }) {
  const db = callersDatabase();
  const outing = await findOuting(db, (await params).outingId);
  if (!outing) notFound();
  return (
    <SettingsScreen
      team={await loadTeamSettings(db)}
      copies={copiesNow()}
      hub={await shownHub(db)}
      tongue={await readersTongue()}
      timeZone={outing.venue.timeZone}
    />
  );
}

export default readablePage(SettingsPage);
