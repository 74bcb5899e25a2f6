import { SettingsScreen } from '@/features/settings/settings-screen';

export const metadata = { title: 'Settings' };

export default function SettingsPage() {
  return <SettingsScreen />;
}
