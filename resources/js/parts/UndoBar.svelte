<script lang="ts">
    import X from '@lucide/svelte/icons/x';
    import { undo } from '../lib/undo.svelte';
    import { navigate } from '../routes';
    import FaultNote from './FaultNote.svelte';
    import TwoVersions from './TwoVersions.svelte';

    async function back(): Promise<void> {
        const leave = await undo.undo();
        if (leave !== null) {
            void navigate(leave);
        }
    }
</script>

<div role="status" class="no-print sticky top-0 z-20" data-undo>
    {#if undo.offer !== null}
        <div class="bg-base-content text-base-100 mx-auto flex max-w-7xl flex-wrap items-center gap-x-4 gap-y-1 px-4 py-1 sm:px-6">
            <span class="min-w-0 flex-1">{undo.offer.said}</span>
            <button class="min-h-11 rounded border-2 border-current px-4 font-bold" disabled={undo.busy} onclick={() => void back()}
                >{say('parts/undo-bar.undo')}</button
            >
            <button
                class="grid size-11 place-items-center"
                aria-label={say('parts/undo-bar.put-this-line-away')}
                onclick={() => undo.close()}><X size={22} aria-hidden="true" /></button
            >
        </div>
    {/if}
    {#if undo.fault !== null}<div class="bg-base-100 mx-auto max-w-7xl px-4 sm:px-6">
            {#if undo.fault.conflict !== null}<TwoVersions fault={undo.fault} leave={() => location.reload()} />{:else}<FaultNote
                    fault={undo.fault}
                />{/if}
        </div>{/if}
</div>
