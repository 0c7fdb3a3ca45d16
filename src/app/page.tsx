import { Desk } from '../ui/desk/desk.tsx';

export default function Page() {
  return <Desk />;
}
