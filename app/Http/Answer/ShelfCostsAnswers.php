<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Records\ShelfBook;
use App\Records\ShelfCosts;
use DateTimeImmutable;
use IdleMixer\Core\Cupboard\Alike;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Shelf\Cost;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Words\Say;

/** Says what sprays cost: a litre, a case or a course, the year so far, the weeks ahead. */
final readonly class ShelfCostsAnswers
{
    private const ML_A_LITRE = 1000.0;

    public function __construct(private ShelfCosts $costs, private ShelfBook $shelf, private IngredientCatalogue $ingredients, private TroubleCatalogue $troubles) {}

    public function all(DateTimeImmutable $now): ShelfCostsAnswer
    {
        $cupboard = $this->shelf->cupboard() ?? new Cupboard([]);
        [$season, $spent] = $this->costs->year($now);
        $ahead = $this->costs->ahead($now);
        $each = [];
        foreach ($spent as [$for, $cost]) {
            $each[] = $for instanceof PestCase
                ? new SpentAnswer(Say::it('answers/case-answers.on', ['name' => $this->troubles->trouble($for->pest)->name, 'name-2' => $for->plant->name]), "/cases/{$for->id}", $this->said($cost))
                : new SpentAnswer($for->name, "/courses/{$for->id}", $this->said($cost));
        }

        return new ShelfCostsAnswer(
            $cupboard->isPriced(),
            $season->litres > 0.0 ? Say::it('answers/shelf-costs.season', ['costs' => $this->said($season)]) : '',
            $ahead->litres > 0.0 ? Say::it('answers/shelf-costs.ahead', ['costs' => $this->said($ahead)]) : '',
            $each,
            array_map(fn(array $bottles): string => implode('; ', array_map(static fn($one): string => Say::it('answers/shelf-costs.hundred', ['what' => $one->holds->name, 'cost' => self::money(($one->each ?? 0.0) * Alike::PER)]), $bottles)), Alike::of($cupboard)),
        );
    }

    private function said(Cost $cost): string
    {
        $made = Measures::metric($cost->litres * self::ML_A_LITRE);
        $each = $cost->aLitre();
        if ($each !== null) {
            return Say::it('answers/shelf-costs.whole', ['made' => $made, 'cost' => self::money($cost->money), 'each' => self::money($each)]);
        }
        $what = implode(', ', array_map(fn(string $slug): string => $this->ingredients->get($slug)->name, $cost->unpriced));

        return $cost->money > 0.0
            ? Say::it('answers/shelf-costs.part', ['made' => $made, 'cost' => self::money($cost->money), 'what' => $what])
            : Say::it('answers/shelf-costs.unknown', ['made' => $made, 'what' => $what]);
    }

    private static function money(float $money): string
    {
        return number_format($money, 2, '.', '');
    }
}
