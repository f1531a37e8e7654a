<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\Value;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Words\Say;

/** A finite number within bounds. */
final readonly class Number implements Value
{
    private function __construct(private float $least, private float $most, private bool $aboveLeast) {}

    public static function between(float $least, float $most): self
    {
        return new self($least, $most, false);
    }

    public static function upTo(float $most): self
    {
        return new self(0.0, $most, false);
    }

    public static function positive(float $most): self
    {
        return new self(0.0, $most, true);
    }

    public function read(Node $node): float
    {
        if ($this->aboveLeast) {
            return $node->positive($this->most);
        }
        if ($this->least >= 0.0) {
            return $node->countUpTo($this->most);
        }
        $number = $node->number();

        return $number >= $this->least && $number <= $this->most ? $number : throw $node->fault(Say::it('records/number.expected-number-from-to-found', ['least' => $this->least, 'most' => $this->most]));
    }

    public function told(bool|float|int|string $kept): float
    {
        return (float) $kept;
    }

    public function cast(): string
    {
        return 'float';
    }

    public function schema(): array
    {
        return ['type' => 'number', ($this->aboveLeast ? 'exclusiveMinimum' : 'minimum') => $this->least, 'maximum' => $this->most];
    }
}
