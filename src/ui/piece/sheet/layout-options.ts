import { LAYOUT_NAMES, layoutRule } from '../../../core/look/layouts.ts';

/** Layouts to choose from. */
export const LAYOUT_OPTIONS = LAYOUT_NAMES.map((value) => ({ value, label: layoutRule(value).label }));
