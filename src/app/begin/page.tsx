import { readableEndings } from '../../server/read/readers.ts';
import { BeginScript } from '../../ui/begin/begin-script.tsx';

export default function Page() {
  return <BeginScript accept={readableEndings().join(',')} />;
}
