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
            said = 'This browser does not let the page copy here; print the card instead.';
        }
    }

    keys.use(() => ({
        p: { what: 'print the card', press: () => print() },
        c: { what: 'copy the plan as text', press: () => void copy() },
    }));
</script>

<button class="btn" disabled={plan === null} onclick={() => print()}>Print the card</button>
<button class="btn" disabled={plan === null} onclick={() => void copy()}>Copy as text</button>
<span role="status">{said}</span>
