<script lang="ts">
    import type { Fault } from '../lib/fault';
    import LevelMark from './LevelMark.svelte';

    const { fault, again }: { fault: Fault | null; again?: () => void } = $props();
    const id = $props.id();
    let note = $state<HTMLElement>();
    /** The field itself says it, and stands under the finger. */
    let found = $state(false);
    $effect(() => {
        const [at, path] = [note, fault?.path ?? ''];
        if (at && path !== '') {
            void import('../lib/marked').then(({ marked }) => (found = marked(at, path)));
        }
    });
</script>

{#if fault !== null}
    <div bind:this={note} id={`fault-${id}`} role="alert" class="border-error my-3 flex items-start gap-3 border-l-8 py-2 pl-3">
        <LevelMark level="fault" />
        <div>
            <p class="font-bold">{fault.message}</p>
            {#if fault.path !== '' && !found}<p class="quiet text-sm">{say('parts/fault-note.at', { path: fault.path })}</p>{/if}
            {#if again}<button class="btn btn-sm mt-2" onclick={again}>{say('parts/fault-note.try-again')}</button>{/if}
        </div>
    </div>
{/if}
