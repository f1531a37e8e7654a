<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import { Household } from '../../lib/household.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import HouseholdForm from './HouseholdForm.svelte';
    import PlantForm from './PlantForm.svelte';
    import Recipes from './Recipes.svelte';
    import Things from './Things.svelte';
    import CalibrateForm from './CalibrateForm.svelte';
    import MeasureForm from './MeasureForm.svelte';
    import SprayerForm from './SprayerForm.svelte';

    const shed = new Loaded(async () => ({
        catalogue: await taken(api.GET('/api/catalogue')),
        plants: (await taken(api.GET('/api/plants'))).plants,
        sprayers: (await taken(api.GET('/api/sprayers'))).sprayers,
        measures: (await taken(api.GET('/api/measures'))).measures,
        household: await Household.fetch(),
        recipes: (await taken(api.GET('/api/recipes'))).recipes,
    }));
    const again = (): void => void shed.reload();
    undo.followedBy(shed);

    const aboutPlant = (plant: Schemas['Plant']): string =>
        [
            plant.kind,
            plant.toleranceName.toLowerCase(),
            plant.place,
            plant.size,
            plant.bearsNoOil ? 'bears no oil' : '',
            plant.harvestOn ? `picked ${onDay(plant.harvestOn)}` : '',
        ]
            .filter(Boolean)
            .join(', ');
</script>

<Head title="Shed" />
<Waiting of={shed}>
    {#snippet children(all)}
        <div class="gap-4 lg:columns-2 [&>section]:mb-4 [&>section]:break-inside-avoid">
            <section class="dish grid gap-3" aria-label="Plants">
                <h2>Plants</h2>
                <Things
                    path="plants"
                    things={all.plants}
                    about={aboutPlant}
                    onchange={again}
                    none="None yet. A plant’s leaf decides how strong a spray it bears."
                >
                    {#snippet form(plant, done)}<PlantForm {plant} tolerance={all.catalogue.tolerance} onadded={done} />{/snippet}
                </Things>
                <PlantForm tolerance={all.catalogue.tolerance} onadded={again} />
            </section>
            <section class="dish grid gap-3" aria-label="Sprayers">
                <h2>Sprayers</h2>
                <Things
                    path="sprayers"
                    things={all.sprayers}
                    about={(one) => one.words}
                    to={(one) => `/sprayers/${one.id}`}
                    onchange={again}
                    none="None yet. A sprayer’s size decides how many loads a batch takes."
                />
                <SprayerForm units={all.catalogue.volumeUnits} onadded={again} />
            </section>
            <section class="dish grid gap-3" aria-label="Measures">
                <h2>Measures</h2>
                <Things
                    path="measures"
                    things={all.measures}
                    about={(one) => one.words}
                    onchange={again}
                    none="None yet: a US kitchen set and a dropper are assumed until you name your own."
                >
                    {#snippet form(measure, done)}<MeasureForm {measure} units={all.catalogue.volumeUnits} onadded={done} />{/snippet}
                </Things>
                <MeasureForm units={all.catalogue.volumeUnits} onadded={again} />
                <CalibrateForm measures={all.measures} ingredients={all.catalogue.ingredients} onkept={again} />
            </section>
            <HouseholdForm household={all.household} />
            <Recipes recipes={all.recipes} onadded={again} />
        </div>
    {/snippet}
</Waiting>
