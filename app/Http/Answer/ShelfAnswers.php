<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Models\PestCase;
use App\Models\Plant;
use App\Models\ShelfBottle;
use App\Models\Sprayer;
use App\Records\AtHand;
use App\Records\HouseholdKit;
use App\Records\Kitchenware;
use App\Records\RecipeShelf;
use App\Records\ShelfAhead;
use App\Records\ShelfBook;
use App\Records\Situations;
use App\Records\Whoms;
use DateTimeImmutable;
use IdleMixer\Core\Bench\Water;
use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\BottleAge;
use IdleMixer\Core\Cupboard\BottleWordsReader;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Cupboard\FromCupboard;
use IdleMixer\Core\Cupboard\ToBuy;
use IdleMixer\Core\Data\ChoiceLines;
use IdleMixer\Core\Gate\PlantHad;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Measure\Kit;
use IdleMixer\Core\Plant\PlantNow;
use IdleMixer\Core\Plant\ToleranceCatalogue;
use IdleMixer\Core\Quantity\Amount;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Shelf\CanMake;
use IdleMixer\Core\Shelf\Lacking;
use IdleMixer\Core\Shelf\Making;
use IdleMixer\Core\Shelf\ShelfAsk;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\PhraseWords;
use IdleMixer\Core\Wording\StandInWords;
use IdleMixer\Core\Words\Say;
use IdleMixer\Core\Work\Item;
use IdleMixer\Core\Writing\MixtureWriter;

/** Tells what stands on the shelf, and what can be made of it. */
final readonly class ShelfAnswers
{
    private const SECONDS_A_DAY = 86_400.0;

    public function __construct(
        private ShelfBook $shelf,
        private CanMake $canMake,
        private IngredientCatalogue $ingredients,
        private Kitchenware $kitchenware,
        private PhraseWords $words,
        private Situations $situations,
        private Whoms $whoms,
        private RecipeShelf $recipes,
        private ToleranceCatalogue $classes,
        private GateAnswers $gates,
        private FromCupboard $cupboards,
        private RecipeCatalogue $shipped,
        private ShelfAhead $ahead,
    ) {}

    /** @return list<ShelfBottleAnswer> */
    public function all(DateTimeImmutable $now): array
    {
        return array_map(fn(array $one): ShelfBottleAnswer => $this->told($one[0], $one[1], $now), $this->shelf->all());
    }

    public function one(ShelfBottle $row, DateTimeImmutable $now): ShelfBottleAnswer
    {
        foreach ($this->shelf->all() as [$there, $bottle]) {
            if ($there->id === $row->id) {
                return $this->told($row, $bottle, $now);
            }
        }

        return $this->told($row, new Bottle($this->ingredients->get($row->ingredient), null, $row->strength), $now);
    }

    public function heard(string $words): HeardBottleAnswer
    {
        $heard = (new BottleWordsReader($this->kitchenware->reader()))->read($words);
        $is = $heard->ingredient;

        return new HeardBottleAnswer($is?->slug, $is->name ?? '', $heard->strength, match (true) {
            $heard->question !== null => $this->words->question($heard->question),
            $heard->refusal !== null => $this->words->refusal($heard->refusal),
            $heard->line !== null => implode(' ', $this->words->assumed($heard->line)),
            default => '',
        }, array_map(static fn(array $one): AnswerLineAnswer => new AnswerLineAnswer($one['words'], $one['line']), $heard->question->answers ?? []));
    }

    public function made(?PestCase $case, ?Plant $plant, ?Sprayer $sprayer, DateTimeImmutable $now): OnTheShelfAnswer
    {
        $sprayer ??= AtHand::lastSprayer();
        $fill = AtHand::fillOf($sprayer);
        $cupboard = $this->shelf->cupboard() ?? new Cupboard([]);
        $situation = $case === null ? null : $this->situations->of($case, $this->situations->known($case, $case->counts->where('untreated', false)->last()?->value, $now), $now);
        $whom = $situation->whom ?? ($plant === null ? new Whom(new PlantNow($this->classes->get($this->classes->slugs()[0])), new PlantHad([], null, null)) : $this->whoms->of($plant, $now));
        $found = $this->canMake->of(new ShelfAsk($cupboard, $whom, $fill->volume(), $fill->unit, HouseholdKit::kit() ?? Kit::kitchen(), new Water($situation?->hardness, null), $situation, $this->recipes->own(), true));

        return new OnTheShelfAnswer(
            Measures::amount($fill),
            $sprayer?->id,
            $cupboard->bottles !== [],
            array_map(fn(Making $one): MadeSprayAnswer => $this->spray($one, $cupboard), $found->sprays),
            array_map(fn(Lacking $one): LackingAnswer => new LackingAnswer($one->recipe->slug, $one->recipe->name, implode(', ', array_map(fn(string $slug): string => lcfirst($this->ingredients->get($slug)->name), $one->slugs))), $found->lacking),
        );
    }

    /** @return array<string, mixed>|null its document; null where no recipe is called so */
    public function recipe(string $slug): ?array
    {
        $recipe = $this->recipes->named([$slug])[0] ?? null;

        return $recipe === null ? null : RecipeWriter::write($this->cupboards->of($recipe, $this->shipped->practiceOf($recipe), $this->shelf->cupboard() ?? new Cupboard([]))->recipe);
    }

    /** @return array{list: list<ToBuyAnswer>, text: string, fill: string} */
    public function list(DateTimeImmutable $now): array
    {
        $list = array_map($this->toBuy(...), $this->ahead->list($now));

        return ['list' => $list, 'text' => implode("\n", array_map(static fn(ToBuyAnswer $one): string => $one->line, $list)), 'fill' => Measures::amount(AtHand::fillOf(AtHand::lastSprayer()))];
    }

    private function toBuy(ToBuy $one): ToBuyAnswer
    {
        $is = $this->ingredients->get($one->slug);
        $much = static fn(float $ml): string => $is->substance->isLiquid() ? Measures::metric($ml) : Measures::amount(Amount::of(max(1.0, round($is->grams($ml))), Unit::Gram));
        $short = $one->short === null ? '' : $much($one->short);
        $from = $one->from?->format('Y-m-d');

        return new ToBuyAnswer($is->slug, $is->name, $is->substance->isLiquid() ? $one->takes : $is->grams($one->takes), $short, $from, $from === null
            ? Say::it('answers/shelf-answers.look-whether', ['what' => ucfirst($is->name), 'takes' => $much($one->takes)])
            : Say::it('answers/shelf-answers.to-buy', ['what' => ucfirst($is->name), 'much' => $short, 'on' => $from]));
    }

    private function spray(Making $one, Cupboard $cupboard): MadeSprayAnswer
    {
        $bench = $one->plan->bench;
        $makes = $one->millilitres();
        $stocked = $one->stocked;
        $limit = $one->limitedBy === null ? null : $cupboard->get($one->limitedBy);

        return new MadeSprayAnswer(
            $stocked->recipe->slug,
            $stocked->recipe->name,
            self::volume($makes, $bench->unit),
            new AmountAnswer($makes / $bench->unit->factor(), $bench->unit->value),
            $limit === null ? '' : Say::it('answers/shelf-answers.ends', ['what' => lcfirst($limit->name), 'much' => self::volume($makes, $bench->unit)]),
            array_map(fn(string $for): string => Say::it('answers/shelf-answers.stands-in', ['with' => $this->ingredients->get($stocked->instead[$for]->with)->name, 'for' => lcfirst($this->ingredients->get($for)->name), 'cost' => StandInWords::cost($stocked->instead[$for]->cost)]), array_keys($stocked->instead)),
            array_values(array_map(static fn(Item $item): string => Measures::of($item->measured, lcfirst($item->name())), $one->plan->load(1)->items)),
            $bench->factor === ChoiceLines::HALF['value'],
            $bench->highEnd,
            $this->gates->of($one->plan->gate),
            implode(', ', MixtureWriter::spoken($one->plan->strengths)),
            $one->cost === null ? '' : Say::it('answers/shelf-answers.costs', ['cost' => number_format($one->cost, 2, '.', '')]),
            $stocked->isOtherwise(),
        );
    }

    /** Nobody speaks of a tenth of a gallon. */
    private static function volume(float $millilitres, Unit $unit): string
    {
        return $millilitres < $unit->factor() / 2 ? Measures::metric($millilitres) : Measures::volume($millilitres, $unit);
    }

    private function told(ShelfBottle $row, Bottle $now, DateTimeImmutable $at): ShelfBottleAnswer
    {
        $whole = $this->shelf->whole($row);
        $is = $now->holds;
        $days = $row->opened_on === null ? null : ($at->getTimestamp() - $row->opened_on->getTimestamp()) / self::SECONDS_A_DAY;

        return new ShelfBottleAnswer(
            $row->id,
            $row->submission,
            $row->version,
            $row->words,
            $row->ingredient,
            $is->name,
            $row->strength,
            $row->amount === null || $row->unit === null ? null : new AmountAnswer($row->amount, $row->unit),
            $row->tenths,
            $now->left,
            $whole === null || $now->left === null ? ($row->tenths === null ? null : $row->tenths / ShelfBook::TENTHS) : min(1.0, $now->left / $whole),
            $this->left($row, $now),
            $row->opened_on?->format('Y-m-d'),
            $row->price,
            BottleAge::says($now, $days),
            $row->retired_at !== null,
        );
    }

    private static function share(int $tenths): string
    {
        return match ($tenths) {
            3 => Say::it('answers/shelf-answers.third'),
            5 => Say::it('answers/shelf-answers.half'),
            7 => Say::it('answers/shelf-answers.two-thirds'),
            10 => Say::it('answers/shelf-answers.all'),
            default => Say::it('answers/shelf-answers.tenths', ['tenths' => $tenths]),
        };
    }

    private function left(ShelfBottle $row, Bottle $now): string
    {
        if ($now->left === null) {
            return $row->tenths === null ? Say::it('answers/shelf-answers.nobody-said') : Say::it('answers/shelf-answers.share', ['share' => self::share($row->tenths)]);
        }
        $unit = Unit::tryFrom($row->unit ?? '') ?? Unit::Millilitre;
        $much = $unit->dimension() === Dimension::Mass ? Amount::of(max(1e-9, $now->holds->grams($now->left)) / $unit->factor(), $unit) : null;

        return $now->left <= 0.0 ? Say::it('answers/shelf-answers.empty') : Say::it('answers/shelf-answers.left', ['much' => $much === null ? Measures::volume($now->left, $unit) : Measures::amount(Amount::of(round($much->value, 1), $unit))]);
    }
}
