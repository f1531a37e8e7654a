<script lang="ts">
    import { Form } from '../lib/form.svelte';
    import type { Sending } from '../lib/sending.svelte';
    import FaultNote from './FaultNote.svelte';
    import TwoVersions from './TwoVersions.svelte';

    interface Props {
        form: Sending;
        /** What is typed, and whether it was typed before the page was loaded anew; a form that keeps it knows by itself. */
        typed?: { restored: boolean; clear: () => void };
        /** Sends it once more. */
        send: () => void;
        /** What is here is to hold in place of what is saved, where that is more than sending it once more. */
        mine?: () => void;
    }
    const { form, typed = form instanceof Form ? form : undefined, send, mine }: Props = $props();

    function hold(): void {
        form.mine();
        send();
    }

    function another(): void {
        form.another();
        send();
    }

    function leave(): void {
        typed?.clear();
        location.reload();
    }
</script>

{#if typed?.restored}
    <p class="border-info flex flex-wrap items-center gap-x-3 border-l-8 pl-3" data-restored>
        <span class="min-w-52 flex-1">{say('parts/form-foot.what-you-typed-here-before')}</span>
        <button type="button" class="btn btn-ghost" onclick={() => typed.clear()}>{say('parts/form-foot.empty-fields')}</button>
    </p>
{/if}
{#if form.waits !== ''}<p role="status" class="border-info border-l-8 pl-3 font-bold" data-waits>{form.waits}</p>{/if}
{#if form.fault !== null && form.fault.conflict !== null}
    <TwoVersions fault={form.fault} mine={mine ?? hold} {another} {leave} />
{:else}
    <FaultNote fault={form.fault} />
{/if}
