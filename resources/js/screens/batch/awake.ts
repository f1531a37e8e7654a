/** Keeps the screen on while somebody mixes, where the browser grants it. Returns how to stop. */
export function stayAwake(): () => void {
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const ask = async (): Promise<void> => {
        if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) {
            return;
        }
        try {
            lock = await navigator.wakeLock.request('screen');
            if (over) {
                await lock.release();
            }
        } catch {
            // A weak battery, or an origin that is not secure: the screen goes dark as ever.
        }
    };
    const again = (): void => void ask();
    document.addEventListener('visibilitychange', again);
    void ask();
    return () => {
        over = true;
        document.removeEventListener('visibilitychange', again);
        void lock?.release().catch(() => undefined);
    };
}
