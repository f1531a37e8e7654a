<script lang="ts">
    import type { Schemas } from '../lib/client';
    import SignDrawing from '../screens/look/SignDrawing.svelte';

    interface Props {
        enemies: Schemas['Enemy'][];
        /** Null where none was. */
        seen: Record<string, number | null> | null;
    }
    let { enemies, seen = $bindable() }: Props = $props();

    function toggle(slug: string, is: boolean): void {
        const others = Object.fromEntries(Object.entries(seen ?? {}).filter(([one]) => one !== slug));
        seen = is ? { ...others, [slug]: null } : others;
    }
</script>

<fieldset class="grid gap-1">
    <legend class="mb-1 font-bold">{say('choose/seen-on-it.helpers-seen')}</legend>
    {#each enemies as enemy (enemy.slug)}
        <label
            class="has-checked:border-primary has-checked:bg-base-100 flex min-h-12 cursor-pointer items-center gap-3 rounded border-2 border-transparent px-2 py-1"
        >
            <input
                type="checkbox"
                class="checkbox checkbox-primary"
                checked={enemy.slug in (seen ?? {})}
                onchange={(event) => toggle(enemy.slug, event.currentTarget.checked)}
            />
            <SignDrawing code={enemy.drawing} />
            <span>{enemy.name}</span>
        </label>
    {/each}
    <details>
        <summary class="link min-h-11 cursor-pointer py-2">{say('choose/seen-on-it.how-known')}</summary>
        {#each enemies as enemy (enemy.slug)}<p class="text-sm"><strong>{enemy.name}:</strong> {enemy.looksLike}</p>{/each}
    </details>
</fieldset>
