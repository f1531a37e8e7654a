<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Quantity\Unit;
use IdleMixer\Core\Vessel\Need;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says what an amount was reckoned from, and how far a rest reaches. */
final readonly class NeedWords
{
    /** @param array<string, string> $words */
    public function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('needs');

        return new self($words);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function of(Need $need): string
    {
        $pairs = [
            '{plant-word}' => ($need->args['plants'] ?? 0.0) === 1.0 ? 'plant' : 'plants',
            '{pot-word}' => ($need->args['count'] ?? 0.0) === 1.0 ? 'pot' : 'pots',
        ];
        foreach ($need->args as $key => $value) {
            $pairs['{' . $key . '}'] = is_string($value) ? $value : (in_array($key, ['used', 'left', 'each', 'holds'], true) ? Measures::metric($value) : Figures::short($value));
        }

        return strtr($this->row($need->code), $pairs);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function reach(?float $finished, string $name, float $wanted, Unit $unit): string
    {
        $code = $finished === null ? 'reach-nothing' : ($finished < $wanted ? 'reach' : 'reach-enough');

        return strtr($this->row($code), ['{name}' => $name, '{finished}' => Measures::volume($finished ?? 0.0, $unit)]);
    }

    private function row(string $code): string
    {
        return $this->words[$code] ?? throw MissingWords::becauseOf($code);
    }
}
