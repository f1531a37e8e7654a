<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Codes of a closed set, kept apart by blanks. */
final readonly class Codes implements Value
{
    private const LONGEST = 200;

    /** @param list<string> $known */
    private function __construct(private array $known, private string $what) {}

    /** @param class-string<\BackedEnum> $enum */
    public static function of(string $enum, string $what): self
    {
        return new self(array_map(static fn(\BackedEnum $one): string => (string) $one->value, $enum::cases()), $what);
    }

    public function read(Node $node): string
    {
        $text = $node->text(self::LONGEST);
        foreach ($text === '' ? [] : explode(' ', $text) as $code) {
            if (! in_array($code, $this->known, true)) {
                throw $node->fault(Say::it('records/codes.no-known-known-are', ['code' => $code, 'what' => $this->what, 'known' => implode(', ', $this->known)]));
            }
        }

        return $text;
    }

    public function told(bool|float|int|string $kept): string
    {
        return (string) $kept;
    }

    public function cast(): null
    {
        return null;
    }

    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => self::LONGEST, 'description' => Say::it('records/codes.codes-apart-by-blanks', ['known' => implode(', ', $this->known)])];
    }
}
