import { BeginScript } from '../../ui/begin/begin-script.tsx';

export default function Page() {
  return <BeginScript />;
}
