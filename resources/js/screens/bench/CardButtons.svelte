<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { keys } from '../../lib/keys.svelte';
    import { cardText } from './card';

    interface Props {
        name: string;
        plan: Schemas['Plan'] | null;
    }
    const { name, plan }: Props = $props();
    let said = $state('');

    async function copy(): Promise<void> {
        if (plan === null) {
            return;
        }
        try {
            await navigator.clipboard.writeText(cardText(name, plan));
            said = 'Copied.';
        } catch {
            said = say('bench/card-buttons.this-browser-does-not-let');
        }
    }

    keys.use(() => ({
        p: { what: say('bench/card-buttons.print-card'), press: () => print() },
        c: { what: say('bench/card-buttons.copy-plan-as-text'), press: () => void copy() },
    }));
</script>

<button class="btn" disabled={plan === null} onclick={() => print()}>{say('bench/card-buttons.print-card-2')}</button>
<button class="btn" disabled={plan === null} onclick={() => void copy()}>{say('bench/card-buttons.copy-as-text')}</button>
<span role="status">{said}</span>
