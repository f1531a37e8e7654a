<script lang="ts">
    import { outbox } from '../../offline/here';

    let warned = $state(false);
    const many = $derived(outbox.entries.length);

    /** What this device keeps goes with the key: what nobody else has yet is asked about first. */
    function lock(event: SubmitEvent): void {
        if (many > 0 && !warned) {
            event.preventDefault();
            warned = true;
        }
    }
</script>

<form method="post" action="/passphrase/forget" class="grid gap-2" onsubmit={lock}>
    {#if warned}<p role="alert" class="font-bold">
            {say('shed/lock-device.on-this-device-and-would', {
                many: many === 1 ? say('shed/lock-device.one-entry-waits') : say('shed/lock-device.entries-wait', { many }),
            })}
        </p>{/if}
    <button class="btn">{warned ? say('shed/lock-device.lock-all-same') : say('shed/lock-device.lock-this-device')}</button>
</form>
