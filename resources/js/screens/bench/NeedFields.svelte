<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import type { NeedState } from './need.svelte';

    const { need, catalogue }: { need: NeedState; catalogue: Schemas['Catalogue'] } = $props();
</script>

{#snippet field(label: string, get: () => string, set: (text: string) => void)}
    <label class="grid content-end gap-1"
        ><span class="font-bold">{label}</span><input class="input numeral w-full" inputmode="decimal" bind:value={get, set} /></label
    >
{/snippet}

{#snippet unit(get: () => Schemas['Amount']['unit'], set: (code: Schemas['Amount']['unit']) => void)}
    <label class="grid content-end gap-1"
        ><span class="font-bold">{say('bench/need-fields.unit')}</span><select class="select w-full" bind:value={get, set}
            >{#each catalogue.volumeUnits as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
        ></label
    >
{/snippet}

{#snippet soil()}
    <label class="grid gap-1"
        ><span class="font-bold">{say('bench/need-fields.soil')}</span><select class="select w-full" bind:value={need.dryness}
            >{#each catalogue.soils as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
        ></label
    >
{/snippet}

{#if need.kind === 'plants'}
    <label class="grid gap-1"
        ><span class="font-bold">{say('bench/need-fields.they-are')}</span><select class="select w-full" bind:value={need.size}
            >{#each catalogue.plantSizes as one (one.code)}<option value={one.code}>{one.words}</option>{/each}</select
        ></label
    >
    {@render field(
        say('bench/need-fields.how-many'),
        () => need.count,
        (text) => (need.count = text),
    )}
{:else if need.kind === 'bed'}
    <label class="grid gap-1"
        ><span class="font-bold">{say('bench/need-fields.measured-in')}</span><select class="select w-full" bind:value={need.measuredIn}
            ><option value="m">{say('bench/need-fields.metres-depth-in-cm')}</option><option value="ft"
                >{say('bench/need-fields.feet-depth-in-inches')}</option
            ></select
        ></label
    >
    <div class="grid grid-cols-3 gap-2">
        {@render field(
            say('bench/need-fields.length', { measuredIn: need.measuredIn }),
            () => need.length,
            (text) => (need.length = text),
        )}
        {@render field(
            say('bench/need-fields.width', { measuredIn: need.measuredIn }),
            () => need.width,
            (text) => (need.width = text),
        )}
        {@render field(
            say('bench/need-fields.depth', { measuredIn: need.measuredIn === 'm' ? 'cm' : 'in' }),
            () => need.depth,
            (text) => (need.depth = text),
        )}
    </div>
    {@render soil()}
{:else if need.kind === 'pots'}
    <div class="grid grid-cols-3 gap-2">
        {@render field(
            say('bench/need-fields.pots'),
            () => need.count,
            (text) => (need.count = text),
        )}
        {@render field(
            say('bench/need-fields.each-holds'),
            () => need.holds,
            (text) => (need.holds = text),
        )}
        {@render unit(
            () => need.holdsUnit,
            (code) => (need.holdsUnit = code),
        )}
    </div>
    {@render soil()}
{:else}
    <div class="grid grid-cols-2 gap-2">
        {@render field(
            say('bench/need-fields.took'),
            () => need.used,
            (text) => (need.used = text),
        )}
        {@render unit(
            () => need.usedUnit,
            (code) => (need.usedUnit = code),
        )}
        {@render field(
            say('bench/need-fields.for-so-many-plants'),
            () => need.plants,
            (text) => (need.plants = text),
        )}
        {@render field(
            say('bench/need-fields.now-so-many'),
            () => need.count,
            (text) => (need.count = text),
        )}
    </div>
{/if}
