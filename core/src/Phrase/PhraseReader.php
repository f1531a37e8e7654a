<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

use IdleMixer\Core\Ingredient\Ingredient;
use IdleMixer\Core\Ingredient\IngredientCatalogue;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\BasisOf;

/**
 * Reads one line of a recipe as people say it. Every text comes to exactly one of: lines with finite positive
 * amounts, the water of the recipe, a question, or a refusal. Nothing is guessed over in silence.
 */
final readonly class PhraseReader
{
    /** @param array<string, float> $measured mL of the household's own amounts by eye, by code */
    public function __construct(
        private Vocabulary $vocabulary,
        private IngredientCatalogue $ingredients,
        private ?Kitchen $kitchen = null,
        private array $measured = [],
    ) {}

    /** @param array<string, float> $measured mL of the household's own amounts by eye, by code */
    public static function shipped(?Kitchen $kitchen = null, array $measured = []): self
    {
        return new self(Vocabulary::shipped(), IngredientCatalogue::shipped(), $kitchen, $measured);
    }

    public function read(string $line): Heard
    {
        try {
            $plain = PlainText::of($line);
            if ($plain === '') {
                return Heard::refused(new Refusal('empty'));
            }

            return $this->understood(Tokenizer::tokens($plain, $this->vocabulary, $this->kitchen), $plain);
        } catch (Unclear $unclear) {
            return $unclear->what instanceof Question ? Heard::asking($unclear->what) : Heard::refused($unclear->what);
        }
    }

    /**
     * @param list<Token> $tokens
     *
     * @throws Unclear
     */
    private function understood(array $tokens, string $plain): Heard
    {
        $shape = implode('', array_map(static fn(Token $token): string => $token->kind->value, $tokens));
        $pick = static fn(TokenKind $kind, int $nth = 0): Token => array_values(array_filter($tokens, static fn(Token $token): bool => $token->kind === $kind))[$nth];
        $n = static fn(int $nth = 0): Token => $pick(TokenKind::Number, $nth);
        $u = static fn(int $nth = 0): Token => $pick(TokenKind::Unit, $nth);
        $i = static fn(int $nth = 0): Token => $pick(TokenKind::Ingredient, $nth);

        return match (1) {
            preg_match('/\A(?:RN?|N)UW\z/', $shape) => Heard::basis($this->basis(self::number($tokens, 0), $u(), BasisOf::Water)),
            preg_match('/\A(?:MNU[WX]?|R?NUX|XNU)\z/', $shape) => Heard::basis($this->basis($n(), $u(), BasisOf::Finished)),
            preg_match('/\A(?:NUI|IC?NU)\z/', $shape) => $this->amount($n(), $u(), $i()),
            preg_match('/\A(?:NUTNUI|INUTNU)\z/', $shape) => $this->rangeOrRate($n(), $u(), $n(1), $u(1), $i()),
            preg_match('/\ANUTNUIRN?UW?\z/', $shape) => $this->rate(self::joined($n(), $u(), $n(1), $u(1)), $u(), self::number($tokens, 2), $u(2), $i()),
            preg_match('/\A(?:NUIR|NURI|NUITN?|NUTN?I|INUR|INUTN?)UW?\z/', $shape),
            preg_match('/\A(?:NURUI|NUITNUW|INURUW?)\z/', $shape) => $this->rate($n(), $u(), self::number($tokens, 1), $u(1), $i()),
            preg_match('/\A(?:NUIRNUW?|NURNUI|INURNUW?|NUITNUW)\z/', $shape) => $this->rate($n(), $u(), $n(1), $u(1), $i()),
            preg_match('/\A(?:NPI|INP)\z/', $shape) => $this->percent($n(), $i(), null, $plain),
            preg_match('/\A(?:NPIFNPI?|NPFNPI|INPFNP)\z/', $shape) => $this->percent($n(), $i(), $n(1), $plain),
            preg_match('/\A(?:NUNPI|NUINP|NUIFNP|INUFNP)\z/', $shape) => $this->amount($n(), $u(), $i(), $n(1)),
            preg_match('/\A(?:NPINU)\z/', $shape) => $this->amount($n(1), $u(), $i(), $n()),
            preg_match('/\A(?:NCNI|INCN)W?\z/', $shape), preg_match('/\ANQ?ITNQ?W\z/', $shape) => $this->parts($n(), $n(1), $i()),
            preg_match('/\A(?:EI|IE)\z/', $shape) => $this->eye(1.0, $pick(TokenKind::ByEye), $i()),
            preg_match('/\A(?:NEI|INE)\z/', $shape) => $this->eye($n()->low, $pick(TokenKind::ByEye), $i()),
            preg_match('/\ANI\z/', $shape) => $this->counted($n(), $i()),
            preg_match('/\ANITNUI\z/', $shape) => Heard::lines(...$this->counted($n(), $i())->lines, ...$this->amount($n(1), $u(), $i(1))->lines),
            preg_match('/\ANUITNUI\z/', $shape) => Heard::lines(...$this->amount($n(), $u(), $i())->lines, ...$this->amount($n(1), $u(1), $i(1))->lines),
            default => Heard::refused(self::missing($shape)),
        };
    }

    private function basis(Token $number, Token $unit, BasisOf $of): SpokenBasis
    {
        $meaning = self::meaning($unit);
        if ($number->high !== null) {
            throw Unclear::becauseOf(new Refusal('water-range'));
        }
        if ($meaning->unit->dimension() !== Dimension::Volume) {
            throw Unclear::becauseOf(new Refusal('water-weighed', ['unit' => $meaning->words]));
        }

        return new SpokenBasis($number->low, $meaning, $of);
    }

    private function amount(Token $number, Token $unit, Token $named, ?Token $strength = null): Heard
    {
        $ingredient = $this->ingredients->get($named->code);

        return Heard::lines(new SpokenLine(
            $ingredient,
            SpokenKind::Amount,
            $number->low,
            $number->high,
            self::meaning($unit),
            strength: $strength === null ? null : self::bottle($strength, $ingredient),
            assumed: $named->assumed,
        ));
    }

    /** “1 tsp to 1 tbsp” is a range; “2 tbsp to 1 gallon” is a rate. */
    private function rangeOrRate(Token $low, Token $lowUnit, Token $high, Token $highUnit, Token $named): Heard
    {
        if ($highUnit->vessel && ! $lowUnit->vessel) {
            return $this->rate($low, $lowUnit, $high, $highUnit, $named);
        }

        return $this->amount(self::joined($low, $lowUnit, $high, $highUnit), $lowUnit, $named);
    }

    /** “1 tsp to 1 tbsp” as a range in the first unit. */
    private static function joined(Token $low, Token $lowUnit, Token $high, Token $highUnit): Token
    {
        $from = self::meaning($lowUnit);
        $to = self::meaning($highUnit);
        $top = ($high->high ?? $high->low) * $to->inBase() / $from->inBase();
        if ($from->unit->dimension() !== $to->unit->dimension() || $low->high !== null || $top <= $low->low) {
            throw Unclear::becauseOf(new Refusal('range-backwards', ['range' => "{$from->words} to {$to->words}"]));
        }

        return Token::number($low->low, $top);
    }

    private function rate(Token $number, Token $unit, Token $per, Token $vessel, Token $named): Heard
    {
        $of = self::meaning($vessel);
        if ($of->unit->dimension() !== Dimension::Volume || $per->high !== null) {
            throw Unclear::becauseOf(new Refusal('rate-per-what', ['unit' => $of->words]));
        }

        return Heard::lines(new SpokenLine(
            $this->ingredients->get($named->code),
            SpokenKind::Rate,
            $number->low,
            $number->high,
            self::meaning($unit),
            $per->low * $of->inBase(),
            $of->words,
            assumed: $named->assumed,
        ));
    }

    /** Of alcohol and peroxide a bare percent may be the bottle's or the spray's. */
    private function percent(Token $number, Token $named, ?Token $bottle, string $plain): Heard
    {
        $ingredient = $this->ingredients->get($named->code);
        if (($number->high ?? $number->low) >= 100.0) {
            throw Unclear::becauseOf(new Refusal('percent-too-much'));
        }
        if ($ingredient->substance->hasStrength() && $bottle === null) {
            $usual = $ingredient->defaultStrength->value ?? 100.0;
            throw Unclear::becauseOf(new Question('whose-percent', $ingredient->name, [
                ['words' => "the finished spray, from a bottle of {$usual} %", 'line' => "{$plain} from {$usual}%"],
                ['words' => 'the bottle: a cup of it, and I change that', 'line' => "1 cup {$plain}"],
            ]));
        }
        $strength = $bottle === null ? null : self::bottle($bottle, $ingredient);
        if ($strength !== null && ($number->high ?? $number->low) > $strength) {
            throw Unclear::becauseOf(new Refusal('stronger-than-bottle', ['bottle' => (string) $strength]));
        }

        return Heard::lines(new SpokenLine($ingredient, SpokenKind::Percent, $number->low, $number->high, null, strength: $strength, assumed: $named->assumed));
    }

    private function parts(Token $part, Token $water, Token $named): Heard
    {
        if ($part->high !== null || $water->high !== null) {
            throw Unclear::becauseOf(new Refusal('range-in-parts'));
        }

        return Heard::lines(new SpokenLine($this->ingredients->get($named->code), SpokenKind::Parts, $part->low, null, null, $water->low, assumed: $named->assumed));
    }

    private function eye(float $times, Token $eye, Token $named): Heard
    {
        $own = $this->measured[$eye->code] ?? null;
        $range = $this->vocabulary->byEyeRange($eye->code);

        return Heard::lines(new SpokenLine(
            $this->ingredients->get($named->code),
            SpokenKind::Amount,
            $times * ($own ?? $range['low']),
            $own === null ? $times * $range['high'] : null,
            new UnitMeaning(1.0, Unit::Millilitre, 'mL'),
            byEye: $eye->code,
            assumed: $named->assumed,
        ));
    }

    private function counted(Token $number, Token $named): Heard
    {
        $ingredient = $this->ingredients->get($named->code);
        if ($ingredient->pieceVolume === null) {
            throw Unclear::becauseOf(new Refusal('no-unit', ['name' => $ingredient->name]));
        }

        return Heard::lines(new SpokenLine($ingredient, SpokenKind::Amount, $number->low, $number->high, new UnitMeaning(1.0, Unit::One, $ingredient->slug)));
    }

    private static function bottle(Token $percent, Ingredient $ingredient): float
    {
        if (! $ingredient->substance->hasStrength()) {
            throw Unclear::becauseOf(new Refusal('no-bottle-strength', ['name' => $ingredient->name]));
        }
        if ($percent->high !== null || $percent->low > 100.0) {
            throw Unclear::becauseOf(new Refusal('bottle-strength'));
        }

        return $percent->low;
    }

    private static function meaning(Token $unit): UnitMeaning
    {
        return $unit->unit ?? throw new \LogicException('A unit without a meaning.');
    }

    /**
     * The nth number of the line; one where it is left out, as in “per litre”.
     *
     * @param list<Token> $tokens
     */
    private static function number(array $tokens, int $nth): Token
    {
        $numbers = array_values(array_filter($tokens, static fn(Token $token): bool => $token->kind === TokenKind::Number));

        return $numbers[$nth] ?? Token::number(1.0);
    }

    private static function missing(string $shape): Refusal
    {
        return new Refusal(match (true) {
            substr_count($shape, 'I') > 1 => 'two-things',
            ! str_contains($shape, 'I') => 'no-ingredient',
            ! str_contains($shape, 'N') && ! str_contains($shape, 'E') => 'no-number',
            preg_match('/[UPCQE]/', $shape) !== 1 => 'no-unit-line',
            default => 'shape',
        });
    }
}
