/** A leaf that stands on the line: 30 units high, its stalk at 0, 0. */
export const LEAF = 'M0 0V-6C-12 -8 -12 -24 0 -30C12 -24 12 -8 0 -6';

/** What marks it: a stroke across. */
export const MARKED_LEAF = 'M-8 -24L8 -10';
