<script lang="ts">
    import { glossary, onScreen } from '../lib/glossary';
    import { keys } from '../lib/keys.svelte';
    import { Loaded } from '../lib/loaded.svelte';
    import { route } from '../routes';
    import { about } from './help';
    import Waiting from './Waiting.svelte';

    let dialog = $state<HTMLDialogElement>();
    let all = $state(false);
    /** As it is read when somebody asks: the sheet itself is no part of it. */
    const text = seen();
    const words = new Loaded(glossary);

    /** What can be chosen and is not stands on no screen. */
    function seen(): string {
        const main = document.getElementById('main');
        return [...(main?.querySelectorAll('select') ?? [])].reduce(
            (all, one) => all.replace(one.innerText, one.selectedOptions[0]?.text ?? ''),
            main?.innerText ?? '',
        );
    }

    $effect(() => {
        const shown = dialog;
        shown?.showModal();
        // Closed and not just taken away: the focus goes back to where it was.
        return () => shown?.close();
    });
</script>

<dialog
    bind:this={dialog}
    class="bg-base-100 text-base-content border-base-content m-auto w-full max-w-2xl rounded border-4 p-5"
    aria-labelledby="help-sheet"
    onclose={() => (keys.sheet = false)}
>
    <div class="flex items-start justify-between gap-3">
        <h2 id="help-sheet" class="mb-2">{say('parts/help-sheet.what-this-is')}</h2>
        <button class="btn" onclick={() => (keys.sheet = false)}>{say('parts/help-sheet.close')}</button>
    </div>
    <p class="mb-4 text-lg" data-about>{about(route.pathname)}</p>
    <h3 class="mb-1 font-bold">{all ? say('parts/help-sheet.all-words') : say('parts/help-sheet.words-on-this-screen')}</h3>
    <Waiting of={words}>
        {#snippet children(terms)}
            <div class="border-base-300 items-start gap-x-6 border-t sm:grid sm:grid-cols-2" data-words>
                {#each all ? terms : onScreen(terms, text) as one (one.code)}
                    <details class="border-base-300 border-b">
                        <summary class="min-h-11 cursor-pointer py-2">{one.term}</summary>
                        <p class="pb-3">{one.means}</p>
                    </details>
                {/each}
            </div>
            {#if !all}<button class="link min-h-11" onclick={() => (all = true)}
                    >{say('parts/help-sheet.all-of-them', { many: terms.length })}</button
                >{/if}
        {/snippet}
    </Waiting>
    <h3 class="mt-4 mb-1 font-bold">{say('parts/help-sheet.keys')}</h3>
    <p class="quiet mb-2">{say('parts/help-sheet.they-rest-while-you-type')}</p>
    <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1" data-keys>
        <dt><kbd class="numeral border-base-content rounded border-2 px-2">?</kbd></dt>
        <dd>{say('parts/help-sheet.this-sheet')}</dd>
        <dt><kbd class="numeral border-base-content rounded border-2 px-2">{say('parts/help-sheet.arrows')}</kbd></dt>
        <dd>{say('parts/help-sheet.level-in-sprayer-once-has')}</dd>
        {#each Object.entries(keys.all) as [key, { what }] (key)}
            <dt><kbd class="numeral border-base-content rounded border-2 px-2">{key}</kbd></dt>
            <dd>{what}</dd>
        {/each}
    </dl>
    <label class="mt-4 flex min-h-11 items-center gap-3"
        ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={keys.on} />
        {say('parts/help-sheet.single-keys-work')}</label
    >
</dialog>
