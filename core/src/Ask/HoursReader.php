<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Plant\Surface;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Weather\Exposure;
use IdleMixer\Core\Weather\SprayWants;
use IdleMixer\Core\Weather\Stand;
use IdleMixer\Core\Weather\WeatherReader;
use IdleMixer\Core\Words\Say;

/** Reads what is asked of hours, strictly. */
final readonly class HoursReader
{
    public function __construct(
        private BenchReader $recipes,
        private ToleranceCatalogue $plants,
        private WeatherReader $weather,
        private SprayWants $wants,
        private Formulator $formulator,
    ) {}

    public static function shipped(): self
    {
        return new self(BenchReader::shipped(), ToleranceCatalogue::shipped(), new WeatherReader(), SprayWants::shipped(), new Formulator());
    }

    /** @throws InvalidDocument with the path of the first fault found */
    public function read(Node $node): AskedHours
    {
        $object = $node->object(['place', 'recipe', 'plant', 'inBloom', 'indoors', 'exposure', 'lights', 'hours']);
        $place = $this->weather->place($object->get('place'));
        $recipe = $this->recipes->recipe($object->get('recipe'));
        $plant = $object->filled('plant');
        $kind = $plant === null ? null : $this->plants->get($plant->word($this->plants->known(), Say::it('ask/hours-reader.plant-tolerance-class')));
        $exposure = $object->filled('exposure');
        $lights = $object->filled('lights');
        // What is poured on soil or sprayed on wood meets the weather of that place, whatever it was written for.
        $use = match ($kind?->surface) {
            Surface::Soil => RecipeUse::Drench,
            Surface::Wood => RecipeUse::Dormant,
            default => $recipe->use === RecipeUse::Stock ? RecipeUse::Foliar : $recipe->use,
        };

        return new AskedHours(
            $place,
            $this->wants->of($this->formulator->onBasis($recipe), $use),
            new Stand(
                $exposure === null ? Exposure::FullSun : Exposure::from($exposure->word(array_column(Exposure::cases(), 'value'), 'exposure')),
                $object->filled('indoors')?->flag() ?? false,
                $lights === null ? null : $this->weather->lights($lights),
                $object->filled('inBloom')?->flag() ?? false,
            ),
            $this->weather->hours($object->get('hours')),
        );
    }
}
