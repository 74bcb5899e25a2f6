import { OutboxScreen } from '@/features/outbox/outbox-screen';
import { outboxScreenWords } from '@/words/screens/outbox';

export const generateMetadata = () => ({ title: outboxScreenWords.outboxScreen.title });
export const dynamic = 'force-dynamic';

/** It reads what waits on the device alone, so that it can be opened without the server. */
export default function OutboxPage() {
  return <OutboxScreen />;
}
