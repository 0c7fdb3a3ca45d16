import { redirect } from 'next/navigation';

/** The begin screens of earlier versions: everything begins on the desk's sheet. */
export default function Page() {
  redirect('/');
}
