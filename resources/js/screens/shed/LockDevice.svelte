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
            {many === 1 ? 'One entry waits' : `${many} entries wait`} on this device and would be lost.
        </p>{/if}
    <button class="btn">{warned ? 'Lock it all the same' : 'Lock this device'}</button>
</form>
