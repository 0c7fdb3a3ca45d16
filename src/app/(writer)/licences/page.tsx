import { Licences } from '../../../ui/licences/licences.tsx';

export default function Page() {
  return <Licences />;
}
