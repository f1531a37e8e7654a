<?php

declare(strict_types=1);

namespace IdleMixer\Core\Wording;

use IdleMixer\Core\Schedule\MovedDate;
use IdleMixer\Core\Words\MissingWords;
use IdleMixer\Core\Words\Say;

/** Says why a date is not the one that was planned. */
final readonly class MoveWords
{
    private const NO_REASON = 'without a reason.';

    /** @param array<string, string> $words */
    private function __construct(private array $words) {}

    public static function shipped(): self
    {
        /** @var array<string, string> $words */
        $words = Say::words('moves');

        return new self($words);
    }

    /** @throws MissingWords when the catalogue lacks the sentence */
    public function move(MovedDate $moved): string
    {
        return strtr($this->words[$moved->code] ?? throw MissingWords::becauseOf($moved->code), ['{said}' => $moved->said === '' ? self::NO_REASON : $moved->said]);
    }
}
