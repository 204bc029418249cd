/** An id as a person says it. */
export const plain = (id: string) => (id === 'wrists-hands' ? 'wrists and hands' : id.replaceAll('-', ' '));

/** A unit for an amount of it: 1 breath, 2 breaths. */
export const unitFor = (amount: number, unit: string) => (amount === 1 ? unit.slice(0, -1) : unit);
