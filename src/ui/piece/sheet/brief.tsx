'use client';

/** What the picture of a row should show, where the writer has said so. */
export const Brief = ({ brief }: { brief: string }) =>
  brief ? <p className="row__brief">picture: {brief}</p> : null;
