'use client';

import { Button, type ButtonProps, Tooltip } from 'antd';

/** A button that is only an icon: its name is spoken, and its hint (the name, if nothing else is said) shown on hover. */
export function IconButton({
  label,
  hint = label,
  ...rest
}: Omit<ButtonProps, 'children' | 'aria-label'> & { label: string; hint?: string }) {
  return (
    <Tooltip title={hint} mouseEnterDelay={0.5}>
      <Button size="small" type="text" aria-label={label} {...rest} />
    </Tooltip>
  );
}
