<?php

declare(strict_types=1);

namespace App\Declared;

/** What is being read into the notebook: how, and what of it waits for something that comes later. */
final class Arrivals
{
    /** @var list<array{table: string, column: string, identity: string}> of the record that is read just now */
    private array $waiting = [];

    /** @param bool $complete whether what is not said is to be as it usually is, and not left as the table has it */
    private function __construct(public readonly Identities $identities, public readonly bool $complete) {}

    /** Of a document: what it leaves out is left to the notebook. */
    public static function ofDocument(Identities $identities): self
    {
        return new self($identities, false);
    }

    /** Of what somebody enters: all of it is meant, also what is empty. */
    public static function entered(): self
    {
        return new self(new Identities(), true);
    }

    /** @param string $column that is to name the row which bears this identity, once it is here */
    public function waits(string $table, string $column, string $identity): void
    {
        $this->waiting[] = ['table' => $table, 'column' => $column, 'identity' => $identity];
    }

    /** @return list<array{table: string, column: string, identity: string}> since this was asked last */
    public function waiting(): array
    {
        $waiting = $this->waiting;
        $this->waiting = [];

        return $waiting;
    }
}
