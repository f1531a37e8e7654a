<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Data\InputLines;
use IdleMixer\Core\Phrase\Heard;
use IdleMixer\Core\Phrase\LineFinding;
use IdleMixer\Core\Phrase\Question;
use IdleMixer\Core\Phrase\Refusal;
use IdleMixer\Core\Phrase\Remark;
use IdleMixer\Core\Phrase\SpokenBasis;
use IdleMixer\Core\Phrase\SpokenKind;
use IdleMixer\Core\Phrase\SpokenLine;
use IdleMixer\Core\Phrase\Vocabulary;
use IdleMixer\Core\Quantity\Dimension;
use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Recipe\BasisOf;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says back what was understood of a typed line, or what is the matter with it. */
final readonly class PhraseWords
{
    /** Units that are spoken of in the plural; the short ones are not. */
    private const COUNTED = '/(spoon|cup|pint|quart|gallon|drop|egg)$/';

    /** @param array<string, string> $words */
    public function __construct(private array $words, private Vocabulary $vocabulary) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('remarks');

        return new self($words, Vocabulary::shipped());
    }

    /**
     * What needs nothing filled in.
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function say(LineFinding $finding): string
    {
        return $this->fill($finding, []);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function refusal(Refusal $refusal): string
    {
        return $this->fill($refusal->finding, $refusal->args);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function question(Question $question): string
    {
        return $this->fill($question->finding, ['word' => $question->word]);
    }

    public function basis(SpokenBasis $basis): string
    {
        if ($basis->unit === null) {
            return Figures::kitchen($basis->amount) . ($basis->amount > 1.0 ? Say::it('wording/phrase-words.parts-water') : Say::it('wording/phrase-words.part-water'));
        }
        $metric = Measures::metric($basis->millilitres());
        $said = $this->much($basis->amount, null, $basis->unit->words);
        $much = $basis->unit->unit === Unit::Litre || $basis->unit->unit === Unit::Millilitre ? $metric : "{$said} ({$metric})";

        return $basis->of === BasisOf::Water ? Say::it('wording/phrase-words.of-water', ['much' => $much]) : Say::it('wording/phrase-words.topped-up-with-water-to', ['much' => $much]);
    }

    /** “2 to 4 US tablespoons (29.6 to 59.1 mL) of neem oil to each 5 US gallons (18.9 L)”. */
    public function line(SpokenLine $line): string
    {
        $bottle = $line->strength === null ? '' : ' from a bottle of ' . Figures::short($line->strength) . ' %';
        $name = $line->name() . $bottle;

        return match ($line->kind) {
            SpokenKind::Percent => Say::it('wording/phrase-words.percent', ['much' => $this->much($line->low, $line->high, '%'), 'name' => $name]),
            SpokenKind::Parts => $this->parts($line->low) . " {$name}" . ($line->waterParts === null ? '' : Say::it('wording/phrase-words.parts', ['parts' => $this->parts($line->waterParts)])),
            SpokenKind::Rate => Say::it('wording/phrase-words.rate', ['measured' => $this->measured($line), 'name' => $name, 'per' => $this->per($line)]),
            SpokenKind::Amount => $this->measured($line) . ($line->unit?->unit === Unit::One ? '' : Say::it('wording/phrase-words.amount', ['name' => $name])),
        };
    }

    /** All that a line says, its water too. */
    public function whole(Heard $heard): string
    {
        return implode('; ', [...array_map($this->line(...), $heard->lines), ...($heard->basis === null ? [] : [$this->basis($heard->basis)])]);
    }

    /**
     * What was taken for granted.
     *
     * @return list<string>
     *
     * @throws MissingWords when the catalogue lacks the sentence
     */
    public function assumed(SpokenLine $line): array
    {
        $said = array_map(fn(Remark $remark): string => $this->fill($remark->finding, $remark->args), $line->remarks);
        if ($line->byEye !== null) {
            $range = $this->vocabulary->byEyeRange($line->byEye);
            $said[] = $this->fill($line->high === null ? LineFinding::ByEyeMeasured : LineFinding::ByEye, [
                'what' => $range['words'],
                'low' => Figures::short($range['low']),
                'high' => Figures::short($range['high']),
            ]);
        }

        return $said;
    }

    private function parts(float $parts): string
    {
        return Figures::kitchen($parts) . ($parts > 1.0 ? ' parts' : ' part');
    }

    private function per(SpokenLine $line): string
    {
        $per = $line->per;
        if ($per?->unit === null) {
            return '';
        }
        $said = $per->amount === 1.0 ? $per->unit->words : $this->much($per->amount, null, $per->unit->words);

        return "{$said} (" . Measures::metric($per->millilitres()) . ')';
    }

    private function measured(SpokenLine $line): string
    {
        $unit = $line->unit;
        if ($unit === null) {
            return '';
        }
        $said = $this->much($line->low, $line->high, $unit->words);
        if ($unit->inBase() === 1.0) {
            return $said;
        }
        $base = $unit->unit->dimension() === Dimension::Mass ? 'g' : 'mL';

        return $said . ' (' . $this->much($line->low * $unit->inBase(), $line->high === null ? null : $line->high * $unit->inBase(), $base, false) . ')';
    }

    private function much(float $low, ?float $high, string $unit, bool $kitchen = true): string
    {
        $number = static fn(float $value): string => $kitchen ? Figures::kitchen($value) : Figures::short($value);

        $many = ($high ?? $low) > 1.0 && preg_match(self::COUNTED, $unit) === 1 ? 's' : '';

        return $number($low) . ($high === null ? '' : Say::it('wording/phrase-words.to', ['value' => $number($high)])) . " {$unit}{$many}";
    }

    /** @param array<string, string> $args */
    private function fill(LineFinding $finding, array $args): string
    {
        $pairs = [];
        foreach ($args as $key => $value) {
            $pairs['{' . $key . '}'] = mb_substr($value, 0, InputLines::LONGEST_ECHO['value']);
        }

        return strtr($this->words[$finding->value] ?? throw MissingWords::becauseOf($finding->value), $pairs);
    }
}
