<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** Words of a length that is bounded. */
final readonly class Text implements Value
{
    private function __construct(private int $most, private int $least, private bool $trimmed, private string $pattern, private string $otherwise) {}

    /** One line, without blanks around it; not empty where at least one character is asked for. */
    public static function line(int $most, int $least = 0): self
    {
        return new self($most, $least, true, '', '');
    }

    /** As it was written. */
    public static function notes(int $most): self
    {
        return new self($most, 0, false, '', '');
    }

    /** @param string $otherwise what is wrong with what has another shape, with {found} in the place of it */
    public static function shaped(string $pattern, int $most, string $otherwise): self
    {
        return new self($most, 1, false, $pattern, $otherwise);
    }

    public static function uuid(): self
    {
        return self::shaped('^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$', 36, Say::it('records/text.no-identity-uuid-in-small'));
    }

    public function read(Node $node): string
    {
        $least = $this->pattern === '' ? $this->least : 0;
        $text = $this->trimmed ? $node->line($this->most, $least) : $node->text($this->most, $least);
        if ($this->pattern !== '' && preg_match("/{$this->pattern}/D", $text) !== 1) {
            throw $node->fault($this->otherwise);
        }

        return $this->trimmed ? trim($text) : $text;
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
        return ['type' => 'string', ...$this->least > 0 && $this->pattern === '' ? ['minLength' => $this->least] : [], 'maxLength' => $this->most, ...$this->pattern === '' ? [] : ['pattern' => $this->pattern]];
    }
}
