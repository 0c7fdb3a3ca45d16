import type { ReactNode } from 'react';
import { RenderWatch } from '../../ui/renders/render-watch.tsx';

/** Screens of those who may open the application: they are told when a render is done. */
export default function WriterLayout({ children }: { children: ReactNode }) {
  return (
    <>
      {children}
      <RenderWatch />
    </>
  );
}
