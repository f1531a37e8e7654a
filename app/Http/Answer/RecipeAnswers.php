<?php

declare(strict_types=1);

namespace App\Http\Answer;

use IdleMixer\Core\Mix\Composition;
use IdleMixer\Core\Mix\Formulator;
use IdleMixer\Core\Mix\SprayFamily;
use IdleMixer\Core\Mix\Strengths;
use IdleMixer\Core\Phrase\PhraseWriter;
use IdleMixer\Core\Recipe\Recipe;
use IdleMixer\Core\Recipe\RecipeCatalogue;
use IdleMixer\Core\Recipe\RecipeWriter;
use IdleMixer\Core\Trouble\TroubleCatalogue;
use IdleMixer\Core\Vessel\UsualFill;
use IdleMixer\Core\Wording\Choices;
use IdleMixer\Core\Wording\FamilyWords;
use IdleMixer\Core\Wording\Measures;
use IdleMixer\Core\Wording\MethodWords;
use IdleMixer\Core\Wording\WaitWords;
use IdleMixer\Core\Writing\MixtureWriter;

/** A recipe as it is offered: the document, what it comes to, what practice says of it. */
final readonly class RecipeAnswers
{
    public function __construct(private RecipeCatalogue $catalogue, private TroubleCatalogue $troubles) {}

    public function of(Recipe $recipe, ?int $version): RecipeAnswer
    {
        $shipped = $this->catalogue->has($recipe->slug);
        $practice = $shipped ? $this->catalogue->practice($recipe->slug) : null;
        $method = $this->catalogue->methodOf($recipe);
        // Of a recipe of one's own it is proposed, and said where it is written.
        $for = $shipped || $recipe->method !== null ? $method->against : [];

        $fill = UsualFill::inAJar($recipe->use);

        return new RecipeAnswer(
            $recipe->slug,
            $recipe->name,
            $recipe->use->value,
            Choices::use($recipe->use),
            FamilyWords::of(SprayFamily::of(Composition::of([(new Formulator())->onBasis($recipe)]))),
            $shipped,
            $version,
            $for,
            array_map(fn(string $slug): string => $this->troubles->trouble($slug)->name, array_values(array_filter($for, fn(string $slug): bool => isset($this->troubles->troubles[$slug])))),
            [...($for === [] ? [] : MethodWords::afterwards($method)), ...array_map(WaitWords::shipped()->of(...), $practice->waits ?? [])],
            $for === [] ? '' : MethodWords::rhythm($method),
            MixtureWriter::range(Strengths::of((new Formulator())->onBasis($recipe)), Strengths::of((new Formulator())->onBasis($recipe, true))),
            PhraseWriter::lines($recipe),
            RecipeWriter::write($recipe),
            self::stocks($recipe),
            $fill === null ? null : new AmountAnswer(...$fill->toArray()),
        );
    }

    /** @return list<StockAnswer> */
    private static function stocks(Recipe $recipe): array
    {
        $all = [];
        foreach ($recipe->lines as $line) {
            if ($line->stock !== null) {
                $mL = (new Formulator())->onBasis($line->stock)->room();
                $all[$line->stock->slug] = new StockAnswer($line->stock->slug, $line->stock->name, $mL, Measures::metric($mL), RecipeWriter::write($line->stock));
            }
        }

        return array_values($all);
    }

}
