/** What records are called, as screens show them: what waits on this device is told by the plant and the trouble that it is of. */
const names = new Map<string, string>();

/** @param group as addresses name it, like cases/3f0c… */
export const called = (group: string, name: string): void => void names.set(group, name);

export const nameOf = (group: string): string => names.get(group) ?? '';
