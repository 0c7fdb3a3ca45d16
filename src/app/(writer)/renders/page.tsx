import { RendersScreen } from '../../../ui/renders/renders-screen.tsx';

export default function Page() {
  return <RendersScreen />;
}
