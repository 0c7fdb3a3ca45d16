import type { KeptVersion } from '../api/desk.ts';

/** What a kept state is called. */
export function versionName({ kind, name }: KeptVersion): string {
  switch (kind) {
    case 'named':
      return name;
    case 'sent':
      return `Version ${name}, as reviewers saw it`;
    case 'delivered':
      return 'As it was delivered';
    default:
      return kind satisfies never;
  }
}
