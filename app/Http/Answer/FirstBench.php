<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\Plant;
use App\Models\Sprayer;
use App\Records\Glasses;
use App\Records\Jars;
use App\Records\RecipeShelf;
use IdleMixer\Core\Emulsion\Agitation;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Recipe\RecipeUse;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Vessel\UsualFill;
use IdleMixer\Core\Words\Say;

/**
 * What the bench will ask first for an opening, so that its plan can come along: the bench takes it only where it asks for
 * just that, and asks anew for anything else.
 */
final readonly class FirstBench
{
    public function __construct(private ShedAnswers $shed, private RecipeCatalogue $shipped, private RecipeShelf $shelf, private Glasses $glasses, private Jars $jars) {}

    /** @return array<string, mixed> a bench, as the screens send it */
    public function of(OpeningAnswer $opening): array
    {
        $recipe = $this->shipped->has($opening->recipe) ? $this->shipped->get($opening->recipe) : $this->own($opening->recipe);
        $sprayers = Sprayer::query()->whereNull('retired_at')->orderByDesc('amount')->orderBy('id')->get();
        // A volume without a sprayer is mixed in one go.
        $sprayer = $opening->sprayerId === null && $opening->make !== null ? null : $sprayers->firstWhere('id', $opening->sprayerId) ?? $sprayers->last();
        $fill = $sprayer === null ? null : $this->shed->sprayer($sprayer)->fill;
        $asked = $sprayer === null || $sprayer->id === $opening->sprayerId ? $opening->make : null;
        $plant = $opening->plantId === null ? null : Plant::query()->whereNull('retired_at')->find($opening->plantId);
        $told = $plant === null ? null : $this->shed->plant($plant);
        $kit = $this->shed->kit([]);
        $water = array_filter([
            'hardness' => $opening->hardnessMgL === null ? null : ['amount' => $opening->hardnessMgL, 'unit' => 'mg/L'],
            'temperature' => $opening->celsius === null ? null : ['amount' => $opening->celsius, 'unit' => 'Cel'],
        ]);
        $request = [
            'recipe' => $opening->recipeDocument ?? ($this->shipped->has($opening->recipe) ? $opening->recipe : RecipeWriter::write($recipe)),
            'make' => $asked ?? $fill ?? UsualFill::first()->toArray(),
            ...($fill === null ? [] : ['sprayer' => $fill]),
            ...($sprayer?->shape()->isBucket() === true ? ['inBucket' => true] : []),
            'highEnd' => $opening->highEnd,
            'factor' => $opening->factor,
            ...($water === [] ? [] : ['water' => $water]),
            ...($told === null || $recipe->use === RecipeUse::Drench ? [] : ['plant' => $told->onBench]),
            'circumstances' => (object) ($told?->inFlower === true ? ['inFlower' => true] : []),
        ];

        return [
            'request' => $request,
            ...($kit->kit === [] ? [] : ['measures' => array_map(static fn(FillAnswer $fill): array => ['amount' => $fill->amount, 'unit' => $fill->unit, ...($fill->name === '' ? [] : ['name' => $fill->name])], $kit->kit)]),
            ...($kit->scaleGrams === null ? [] : ['scale' => $kit->scaleGrams]),
            'hand' => $this->glasses->hand()['coarseness'],
            'agitation' => $opening->agitation ?? Agitation::HandShake->value,
            ...($this->standsReady($recipe) ? ['stockReady' => true] : []),
            ...($told?->pickedInDays === null ? [] : ['pickedInDays' => $told->pickedInDays]),
            ...($told === null ? [] : ['plantId' => $told->id]),
        ];
    }

    private function own(string $slug): Recipe
    {
        $version = $this->shelf->newest($slug) ?? throw new \LogicException(Say::it('answers/first-bench.bench-cannot-open-on-there', ['slug' => $slug]));

        return $this->shelf->read($version);
    }

    private function standsReady(Recipe $recipe): bool
    {
        $stocks = array_filter(array_map(static fn(RecipeLine $line): ?string => $line->stock?->slug, $recipe->lines), is_string(...));
        foreach ($stocks === [] ? [] : $this->jars->standing() as [, $slug]) {
            if (in_array($slug, $stocks, true)) {
                return true;
            }
        }

        return false;
    }
}
