<script lang="ts">
    import type { Kind } from '../lib/corrections';
    import { undo, type Version } from '../lib/undo.svelte';
    import { navigate } from '../routes';

    interface Props {
        kind: Kind;
        /** The record, as it is on the screen. */
        of: Version;
        /** What the record is called, to begin a sentence with. */
        what: string;
        /** What stands on the button, where it stands alone. */
        label?: string;
        leave?: '/bench' | '/batches' | '/plants' | '/shed';
    }
    const { kind, of, what, label = say('parts/take-back.take-back'), leave }: Props = $props();

    async function takeBack(): Promise<void> {
        const gone = await undo.does('take-back', kind, of, what, leave);
        if (gone !== null) {
            void navigate(gone);
        }
    }
</script>

<button type="button" class="btn btn-ghost" disabled={undo.busy} aria-label={`${label}: ${what}`} onclick={() => void takeBack()}
    >{label}</button
>
