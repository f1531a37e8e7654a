<?php

declare(strict_types=1);

namespace IdleMixer\Core\Phrase;

/**
 * Puts the tokens of a line together: what belongs to what. “2 tbsp neem, squirt of castile per gallon” are two clauses with one
 * tail; “neem oil (30 ml, 2 tbsp)” is one clause, said twice.
 */
final class LineParser
{
    /** @var list<Clause> */
    private array $clauses = [];

    private Clause $open;

    /** The last tail of the line; it holds for what has none of its own. */
    private ?Tail $tail = null;

    /** What the next amount is to be, as the words before it say. */
    private ?Token $waiting = null;

    private ?Token $joint = null;

    /** Where the parenthesis stands that is open. */
    private ?Token $paren = null;

    /** The amount of water that was read last, while nothing else came behind it. */
    private ?Much $justWater = null;

    private readonly MuchReader $amounts;

    /** @param list<Token> $tokens without fillers */
    private function __construct(private readonly array $tokens, private readonly SpokenUnits $units)
    {
        $this->amounts = new MuchReader($tokens);
        $this->open = new Clause();
    }

    /**
     * @param list<Token> $tokens without fillers
     *
     * @return list<Clause> those without a tail of their own have the last of the line
     *
     * @throws Unclear when things stand together that nobody can part
     */
    public static function clauses(array $tokens, SpokenUnits $units): array
    {
        $self = new self($tokens, $units);
        for ($i = 0; $i < count($tokens);) {
            $i = $self->step($i);
        }
        if ($self->waiting?->kind === TokenKind::MadeUpTo) {
            throw Unclear::becauseOf(new Refusal('no-number'));
        }
        $self->close();

        return $self->clauses === [] && $self->tail !== null ? [$self->water($self->tail)] : $self->withTails();
    }

    private function step(int $i): int
    {
        $token = $this->tokens[$i];
        if ($token->beginsAmount()) {
            return $this->amount($i);
        }
        if ($token->isThing()) {
            $this->thing($token, $i);
        }
        match ($token->kind) {
            TokenKind::Joint => $this->joint = $token,
            TokenKind::Open => $this->paren = $token,
            TokenKind::Close => $this->paren = null,
            TokenKind::EachOf => $this->open->each = true,
            TokenKind::MadeUpTo => $this->madeUpTo($token),
            TokenKind::Finished, TokenKind::Vessel => $this->finished($token),
            TokenKind::Per, TokenKind::To, TokenKind::From, TokenKind::Or, TokenKind::Apart => $this->wait($token, $i),
            default => null,
        };

        return $i + 1;
    }

    private function wait(Token $token, int $i): void
    {
        $next = $this->tokens[$i + 1] ?? null;
        if ($token->word === 'each' && ($next === null || ! $next->beginsAmount() || $next->kind !== TokenKind::Unit)) {
            $this->open->each = true;

            return;
        }
        // A stroke says nothing where something else was said already: “per gallon: 2 tbsp”.
        $this->waiting = $token->kind === TokenKind::Apart ? $this->waiting ?? $token : $token;
    }

    /** “2 cups water to 1 cup alcohol”: what would be filled up to is the water of an amount here. */
    private function madeUpTo(Token $token): void
    {
        if (str_starts_with($token->word, 'water') && $this->open->much !== null && $this->open->things === []) {
            $this->open->things[] = Token::of(TokenKind::Water, 'water', $token->from, $token->to);
            $this->waiting = Token::of(TokenKind::To, 'to', $token->from, $token->to);

            return;
        }
        $this->close();
        $this->waiting = $token;
    }

    private function finished(Token $token): void
    {
        if ($this->open->much !== null && $this->open->things === []) {
            $this->open->finished = true;
        } elseif ($this->open->isEmpty() && $this->tail !== null && $token->kind === TokenKind::Vessel) {
            $this->tail = new Tail($this->tail->much, true);
        }
    }

    private function amount(int $i): int
    {
        [$much, $next] = $this->amounts->at($i);
        [$waiting, $joint] = [$this->waiting, $this->joint];
        $this->waiting = $this->joint = null;
        $after = $this->tokens[$next] ?? null;
        $water = $this->paren !== null && $waiting === null && $much->kind === MuchKind::Measured ? $this->justWater : null;
        $this->justWater = null;
        match (true) {
            $water !== null => $this->waterAgain($water, $much, $after),
            $waiting?->kind === TokenKind::MadeUpTo => $this->basis($much),
            $waiting?->kind === TokenKind::From && $much->kind === MuchKind::Percent && $this->open->isWhole() => $this->open->strength = $much,
            $this->isSaidAgain($much, $waiting) => $this->open->also[] = [$much, ...$this->span($much, $waiting, $after)],
            $this->isRange($much, $waiting) => $this->range($much),
            $this->isOrSo($much, $waiting) => $this->open->much = $this->open->much?->upTo($much->low, $much->to),
            $this->isTail($much, $waiting, $after) => $this->tail($much),
            $this->open->much === null => $this->open->much = $much,
            $this->open->things === [] && $joint !== null && $joint->word !== ',' && $joint->word !== ';' => $this->sum($much),
            $this->isStrength($much, $after) => $this->open->strength = $much,
            $this->isAmountOf($much) => [$this->open->strength, $this->open->much] = [$this->open->much, $much],
            $waiting?->kind === TokenKind::Or => throw Unclear::becauseOf(new Refusal('two-things')),
            $this->open->things === [] => throw Unclear::becauseOf(new Refusal('shape')),
            default => $this->begin($much),
        };

        return $next;
    }

    private function thing(Token $thing, int $i): void
    {
        [$waiting, $joint] = [$this->waiting, $this->joint];
        $this->waiting = $this->joint = null;
        // “in water”, “with water” say of what nobody measures; “of water” behind a tail what the tail is of.
        if ($thing->kind === TokenKind::Water && ($this->open->tail !== null || ($this->open->isEmpty() ? $this->tail !== null || $this->lastIsBasis() || $waiting?->kind === TokenKind::MadeUpTo : $waiting?->kind === TokenKind::Per && $this->open->isWhole()))) {
            $this->waiting = $waiting?->kind === TokenKind::MadeUpTo ? $waiting : null;

            return;
        }
        $first = $this->open->things[0] ?? null;
        if ($first === null) {
            $this->open->things[] = $thing;
            // “a 32 oz bottle of water” is water, a bottle of spray would be the whole.
            $this->open->finished = $this->open->finished && $thing->kind !== TokenKind::Water;
        } elseif ($this->paren !== null && $this->refines($first, $thing)) {
            $this->open->things[0] = $thing->assumed === null ? $thing : $first;
        } elseif ($waiting?->kind === TokenKind::Or) {
            $this->either($first, $thing);
        } elseif ($this->open->takesMore() || ($this->open->much === null && ($joint !== null || $waiting !== null))) {
            $this->open->things[] = $thing;
        } elseif ($joint === null && ! $this->namesCameFirst()) {
            throw Unclear::becauseOf(new Refusal('two-things'));
        } else {
            $this->close();
            $this->open->things[] = $thing;
        }
    }

    /** “oil (neem)”: the loose word is said more nearly. */
    private function refines(Token $first, Token $second): bool
    {
        return $first->kind === TokenKind::Ingredient && $second->kind === TokenKind::Ingredient && ($first->assumed !== null || $second->assumed !== null || $first->code === $second->code);
    }

    private function either(Token $first, Token $second): void
    {
        if ($first->kind === $second->kind && $first->code === $second->code && $first->kind !== TokenKind::Stock) {
            return;
        }
        throw Unclear::becauseOf($this->units->either($first, $second));
    }

    /** “neem 2 tbsp soap 1 tsp”: the name stands before its amount. */
    private function namesCameFirst(): bool
    {
        return $this->open->much !== null && $this->open->things !== [] && $this->open->things[0]->from < $this->open->much->from;
    }

    /** “2 tsp (10 ml)”, “15 ml or 1 tbsp”, “1 tbsp/15 ml”. */
    private function isSaidAgain(Much $much, ?Token $waiting): bool
    {
        return $this->open->much?->kind === MuchKind::Measured && $much->kind === MuchKind::Measured
            && (($this->paren !== null && $waiting?->kind !== TokenKind::Per) || $waiting?->kind === TokenKind::Or || ($waiting?->word === '/' && ! $much->isVessel()));
    }

    /** @return array{int, int} what to leave out of the line, with its signs, where this amount is not meant */
    private function span(Much $much, ?Token $waiting, ?Token $after): array
    {
        return [$this->paren->from ?? $waiting->from ?? $much->from, $this->paren !== null && $after?->kind === TokenKind::Close ? $after->to : $much->to];
    }

    /** “3 ml - 5 ml”, “1 tsp to 1 tbsp”. */
    private function isRange(Much $much, ?Token $waiting): bool
    {
        $open = $this->open;
        $stroke = $waiting?->kind === TokenKind::To || $waiting?->word === '-';

        return $stroke && $open->much?->kind === MuchKind::Measured && $much->kind === MuchKind::Measured && $open->much->high === null
            && ($open->things === [] || $this->namesCameFirst())
            && ! ($waiting->kind === TokenKind::To && $much->isVessel() && ! $open->much->isVessel());
    }

    /** “a tablespoon or two” */
    private function isOrSo(Much $much, ?Token $waiting): bool
    {
        $open = $this->open->much;

        return $waiting?->kind === TokenKind::Or && $much->kind === MuchKind::Counted && $open?->kind === MuchKind::Measured && $open->high === null && $this->open->things === [] && $much->low > $open->low;
    }

    private function range(Much $much): void
    {
        $open = $this->open->much ?? $much;
        $top = $this->units->inUnitOf($much, $open);
        if ($top === null || $top <= $open->low) {
            throw Unclear::becauseOf(new Refusal('range-backwards', ['range' => "{$open->unit?->word} to {$much->unit?->word}"]));
        }
        $this->open->much = $open->upTo($top, $much->to);
    }

    /** “per gallon”, “in 3 cups”; “to 50 ml oil” is another thing, and so is “in 50 parts”. */
    private function isTail(Much $much, ?Token $waiting, ?Token $after): bool
    {
        if ($waiting === null || ! $waiting->is(TokenKind::Per, TokenKind::To)) {
            return false;
        }
        if ($waiting->kind === TokenKind::Per) {
            return $much->kind !== MuchKind::Parts && ($much->kind === MuchKind::Measured || throw Unclear::becauseOf(new Refusal('rate-per-what', ['unit' => $after === null ? 'that' : $after->word])));
        }

        return $much->kind === MuchKind::Measured && ! $this->open->isEmpty() && ! ($this->open->isWhole() && ($after?->is(TokenKind::Ingredient, TokenKind::Stock) ?? false));
    }

    private function tail(Much $much): void
    {
        $tail = new Tail($much);
        $bare = array_filter($this->clauses, static fn(Clause $one): bool => $one->tail === null && ! $one->isWater());
        if ($bare === [] && ($this->open->isEmpty() || $this->open->tail !== null) && $this->clauses !== []) {
            $this->clauses[] = $this->water($tail);

            return;
        }
        foreach ($bare as $clause) {
            $clause->tail = $tail;
        }
        if (! $this->open->isEmpty()) {
            $this->open->tail = $tail;
        }
        $this->tail = $tail;
        $this->justWater = $much;
    }

    /** “per gallon (3.8 L)” */
    private function waterAgain(Much $water, Much $much, ?Token $after): void
    {
        if (! $this->units->agree($water, $much, null)) {
            throw Unclear::becauseOf($this->units->twoAmounts($water, [$much, ...$this->span($much, null, $after)]));
        }
    }

    /** What a tail by itself says: the water there is. */
    private function water(Tail $tail): Clause
    {
        $clause = new Clause();
        $clause->much = $tail->much;
        $clause->things = [Token::of(TokenKind::Water, 'water', $tail->much->from, $tail->much->to)];
        $clause->finished = $tail->finished;

        return $clause;
    }

    private function basis(Much $much): void
    {
        if ($much->kind !== MuchKind::Measured) {
            throw Unclear::becauseOf(new Refusal($much->kind === MuchKind::Counted ? 'no-unit-water' : 'shape'));
        }
        $this->clauses[] = $this->water(new Tail($much, true));
        $this->justWater = $much;
    }

    private function lastIsBasis(): bool
    {
        $last = end($this->clauses);

        return $last !== false && $last->isWater();
    }

    /** “1 cup alcohol 91 %”; where a name follows, the percent is of that. */
    private function isStrength(Much $much, ?Token $after): bool
    {
        return $much->kind === MuchKind::Percent && $this->open->strength === null && $this->open->much?->kind !== MuchKind::Percent
            && ! (($after?->isThing() ?? false) && $this->open->things !== []);
    }

    /** “91 % alcohol 2 cups”: what was read as the amount is the strength. */
    private function isAmountOf(Much $much): bool
    {
        return $this->open->much?->kind === MuchKind::Percent && $this->open->things !== [] && $this->open->strength === null
            && $much->is(MuchKind::Measured, MuchKind::ByEye) && ! (($this->tokens[$this->indexAfter($much)] ?? null)?->isThing() ?? false);
    }

    private function indexAfter(Much $much): int
    {
        foreach ($this->tokens as $i => $token) {
            if ($token->from >= $much->to) {
                return $i;
            }
        }

        return count($this->tokens);
    }

    /** “1 tbsp plus 1 tsp” of one thing. */
    private function sum(Much $much): void
    {
        $open = $this->open->much ?? $much;
        // “a teaspoon and a half”
        if ($much->kind === MuchKind::Counted && $much->low < 1.0 && $open->high === null && $open->kind === MuchKind::Measured) {
            $this->open->much = $open->and($much->low, $much->to);

            return;
        }
        $more = $open->high === null && $much->high === null ? $this->units->inUnitOf($much, $open) : null;
        $this->open->much = $more === null ? throw Unclear::becauseOf(new Refusal('shape')) : $open->and($more, $much->to);
    }

    private function begin(Much $much): void
    {
        $this->close();
        $this->open->much = $much;
    }

    private function close(): void
    {
        if (! $this->open->isEmpty()) {
            array_push($this->clauses, ...$this->open->ofEach());
        }
        $this->open = new Clause();
    }

    /** @return list<Clause> */
    private function withTails(): array
    {
        foreach ($this->clauses as $clause) {
            if ($clause->tail === null && $this->tail !== null && ! $clause->isWater()) {
                $clause->tail = $this->tail;
            }
        }

        return $this->clauses;
    }
}
