<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Bench\WaterReader;
use IdleMixer\Core\Choice\Severity;
use IdleMixer\Core\Choice\Situation;
use IdleMixer\Core\Cupboard\Bottle;
use IdleMixer\Core\Cupboard\BottleWordsReader;
use IdleMixer\Core\Cupboard\Cupboard;
use IdleMixer\Core\Cupboard\HeardBottle;
use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Gate\Whom;
use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Quantity\AmountReader;
use IdleMixer\Core\Recipe\RecipeReader;
use IdleMixer\Core\Shelf\ShelfAsk;
use IdleMixer\Core\Trouble\Trouble;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Words\Say;

/** Reads a cupboard as people call what is in it, and what is to be made of it. */
final readonly class ShelfReader
{
    private const KEYS = ['cupboard', 'measures', 'sprayer', 'trouble', 'severity', 'plant', 'had', 'water'];

    private const BOTTLE = ['words', 'left', 'strength'];

    private const MOST_BOTTLES = InputLines::MOST_ROWS['value'];

    private const LONGEST_WORDS = RecipeReader::MAX_NAME;

    public function __construct(private BottleWordsReader $words, private BenchReader $benches, private GateReader $gates, private TroubleCatalogue $troubles) {}

    public static function shipped(): self
    {
        return new self(BottleWordsReader::shipped(), BenchReader::shipped(), GateReader::shipped(), TroubleCatalogue::shipped());
    }

    /**
     * @return array{ShelfAsk, list<array{string, HeardBottle}>} what is asked, and the words of each bottle with what was understood
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $node): array
    {
        $object = $node->object(self::KEYS);
        $heard = $bottles = [];
        foreach ($object->get('cupboard')->items(0, self::MOST_BOTTLES, Say::it('ask/shelf-reader.bottles')) as $item) {
            $row = $item->object(self::BOTTLE);
            $words = $row->get('words')->line(self::LONGEST_WORDS, 1);
            $one = $this->words->read($words);
            $heard[] = [$words, $one];
            if ($one->ingredient !== null) {
                $bottles[] = self::bottle($row, $one->ingredient, $one->strength);
            } else {
                self::told($row);
            }
        }
        $sprayer = $object->get('sprayer');
        $water = (new WaterReader())->read($object->filled('water'));
        $cupboard = new Cupboard($bottles);
        $whom = $this->gates->whom($object->filled('plant') ?? Node::holding([], "{$node->path}/plant"), $object->filled('had'));

        return [new ShelfAsk(
            $cupboard,
            $whom,
            AmountReader::vessel($sprayer, 'A sprayer'),
            AmountReader::volumeUnit($sprayer),
            $this->benches->measuresAlone(self::some($object->filled('measures'))),
            $water,
            $this->situation($object, $cupboard, $whom, $water->hardness),
        ), $heard];
    }

    /** What is said of bottles whose words are not understood is checked all the same. */
    private static function told(Node $row): void
    {
        $left = $row->filled('left');
        if ($left !== null) {
            AmountReader::read($left);
        }
        $row->filled('strength')?->positive(100.0);
    }

    private static function bottle(Node $row, Ingredient $ingredient, ?float $said): Bottle
    {
        $left = $row->filled('left');
        $strength = $row->filled('strength');
        $percent = $strength?->positive(100.0) ?? $said;
        if ($strength !== null && ! $ingredient->substance->hasStrength()) {
            throw $strength->fault(Say::it('recipe/recipe-reader.bottle-strength-stated-for-alcohol', ['name' => $ingredient->name]));
        }

        return new Bottle($ingredient, $left === null ? null : $ingredient->bottledAt($percent)->millilitres(AmountReader::read($left, ...$ingredient->dimensions())), $percent);
    }

    /** A kitchen of which nobody named a spoon is one of which nobody said anything. */
    private static function some(?Node $measures): ?Node
    {
        return $measures?->items(0, BenchReader::MAX_MEASURES, 'measures') === [] ? null : $measures;
    }

    private function situation(Node $object, Cupboard $cupboard, Whom $whom, ?float $hardness): ?Situation
    {
        $severity = $object->filled('severity')?->word(array_column(Severity::cases(), 'value'), 'severity');
        $slug = $object->filled('trouble');
        $trouble = $slug === null ? null : $this->troubles->trouble($slug->word(array_keys($this->troubles->troubles), 'trouble'));

        return $trouble === null ? null : new Situation($trouble, self::stage($trouble, $whom->plant->isBare()), $severity === null ? Severity::Moderate : Severity::from($severity), '', $whom, hardness: $hardness, cupboard: $cupboard);
    }

    /** On bare wood a trouble that winters there is met in winter. */
    private static function stage(Trouble $trouble, bool $bare): string
    {
        return $bare && in_array('winter', $trouble->stages, true) ? 'winter' : $trouble->stages[0];
    }
}
