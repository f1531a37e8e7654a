<script lang="ts">
    import { glossary, parted, type Term } from '../lib/glossary';

    /** A sentence in which words of the field can be tapped for what they mean. */
    const { text }: { text: string } = $props();
    let terms = $state.raw<Term[]>([]);
    let open = $state.raw<Term | null>(null);

    /** The words are asked for once somebody sees the sentence. */
    function watch(at: HTMLElement): () => void {
        const watching = new IntersectionObserver((seen) => {
            if (seen.some((one) => one.isIntersecting)) {
                watching.disconnect();
                void glossary().then((all) => (terms = all));
            }
        });
        watching.observe(at);
        return () => watching.disconnect();
    }
</script>

<span {@attach watch}
    >{#each parted(terms, text) as part, i (i)}{#if part.term === null}{part.said}{:else}{@const term = part.term}<button
                type="button"
                class="term"
                aria-expanded={open === term}
                onclick={() => (open = open === term ? null : term)}>{part.said}</button
            >{/if}{/each}</span
>{#if open !== null}<span class="border-info quiet mt-1 block border-l-4 pl-2 text-sm" data-means>{open.means}</span>{/if}

<style>
    /* It stands in its line; a finger finds it a little above and below. */
    .term {
        display: inline;
        min-height: 0;
        padding-block: 0.75rem;
        font-weight: inherit;
        text-decoration: underline dotted;
        text-underline-offset: 0.2em;
        cursor: pointer;
    }
</style>
