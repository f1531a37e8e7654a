<?php

declare(strict_types=1);

namespace App\Declared\Values;

use App\Declared\JsonCast;
use App\Declared\Raw;
use App\Declared\Value;
use IdleMixer\Core\Document\InvalidDocument;
use IdleMixer\Core\Document\Node;
use IdleMixer\Core\Trouble\Enemies;
use IdleMixer\Core\Trouble\EnemiesReader;
use IdleMixer\Core\Words\Say;

/** Natural enemies that were seen, and how many of each: null where nobody counted them. None where there were none. */
final readonly class NaturalEnemies implements Value
{
    /** @param bool $counted whether it is of a count: logs of before say of one only whether there were any */
    public function __construct(private Enemies $enemies, private bool $counted = false) {}

    /** @throws InvalidDocument when one is none that is known, or no number */
    public function read(Node $node): string
    {
        return json_encode((object) ($this->counted ? EnemiesReader::ofCount($node, $this->enemies) : EnemiesReader::read($node, $this->enemies)), Raw::FLAGS);
    }

    public function told(bool|float|int|string $kept): Raw
    {
        return new Raw((string) $kept);
    }

    public function cast(): string
    {
        return JsonCast::class;
    }

    public function schema(): array
    {
        return ['type' => $this->counted ? ['object', 'boolean'] : 'object', 'description' => Say::it('records/natural-enemies.how-many-of-each'), 'additionalProperties' => ['type' => ['integer', 'null'], 'minimum' => 0]];
    }
}
