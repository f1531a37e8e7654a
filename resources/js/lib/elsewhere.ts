/** Whether this page came from another machine, which asked for the passphrase. */
export function isElsewhere(hostname: string = location.hostname): boolean {
    return !/^(127\.\d+\.\d+\.\d+|localhost|\[::1\])$/.test(hostname);
}
