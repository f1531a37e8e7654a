<?php

declare(strict_types=1);

namespace IdleMixer\Core\Ask;

use IdleMixer\Core\Bench\BenchReader;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Recipe\RecipeLine;
use IdleMixer\Core\Words\Say;

/** Reads a recipe with the strength it is taken at: `{"recipe", "factor": 1, "highEnd": false, "strengths": {"hydrogen-peroxide": 35}}`. */
final readonly class AskedSpray
{
    public const KEYS = ['recipe', 'factor', 'highEnd', 'strengths'];

    public function __construct(private BenchReader $benches) {}

    /**
     * @param Node $object opened already, with these keys among others
     *
     * @throws InvalidDocument with the path of the first fault found
     */
    public function read(Node $object): ToldSpray
    {
        $recipe = $this->benches->recipe($object->get('recipe'));
        $strengths = $object->filled('strengths');
        $bottled = $strengths === null ? $recipe : $recipe->with(array_map(static fn(RecipeLine $line): RecipeLine => self::from($strengths, $line), $recipe->lines));
        $factor = BenchReader::factor($object->filled('factor'));
        $path = $object->get('recipe')->path;

        return new ToldSpray($bottled, $this->benches->practice($recipe), (new Formulator())->onBasis($bottled, $object->filled('highEnd')?->flag() ?? false, $factor, $path), $factor);
    }

    /** From a bottle of another strength, so much of it as the recipe says. */
    private static function from(Node $strengths, RecipeLine $line): RecipeLine
    {
        $open = $strengths->open();
        if ($line->ingredient === null || ! $open->has($line->ingredient->slug) || $open->get($line->ingredient->slug)->isNull()) {
            return $line;
        }
        $given = $open->get($line->ingredient->slug);

        return $line->ingredient->substance->hasStrength()
            ? RecipeLine::ofIngredient($line->ingredient, $line->amount, $line->upTo, $given->positive(100.0))
            : throw $given->fault(Say::it('recipe/recipe-reader.bottle-strength-stated-for-alcohol', ['name' => $line->ingredient->name]));
    }
}
