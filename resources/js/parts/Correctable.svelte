<script lang="ts">
    import type { Snippet } from 'svelte';
    import type { Kind } from '../lib/corrections';
    import type { Version } from '../lib/undo.svelte';
    import History from './History.svelte';
    import TakeBack from './TakeBack.svelte';

    interface Props {
        kind: Kind;
        /** The record, as it is on the screen. */
        of: Version;
        /** What the record is called, to begin a sentence with. */
        what: string;
        changes: number;
        /** What stands beside the buttons. */
        head: Snippet;
        /** The form that corrects it; it calls back once that is done. */
        form: Snippet<[() => void]>;
        children?: Snippet;
    }
    const { kind, of, what, changes, head, form, children }: Props = $props();
    let correcting = $state(false);
</script>

<div class="flex flex-wrap items-center gap-x-3">
    <div class="min-w-40 flex-1">{@render head()}</div>
    <span class="no-print flex"
        ><button
            class="btn btn-ghost"
            aria-expanded={correcting}
            aria-label={say('parts/correctable.correct', { what })}
            onclick={() => (correcting = !correcting)}>{say('parts/correctable.correct-2')}</button
        ><TakeBack {kind} {of} {what} /></span
    >
</div>
{#if correcting}<div class="pb-3">{@render form(() => (correcting = false))}</div>{/if}
{@render children?.()}
<History {kind} id={of.id} {changes} />
