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

    private readonly JoinedAmounts $joined;

    /** @param list<Token> $tokens without fillers */
    private function __construct(private readonly array $tokens, private readonly SpokenUnits $units)
    {
        $this->amounts = new MuchReader($tokens);
        $this->joined = new JoinedAmounts($units);
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
            throw Unclear::becauseOf(new Refusal(LineFinding::NoNumber));
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
        $place = new AmountPlace($this->open, $much, $waiting, $joint, $after, $this->paren);
        match (true) {
            $water !== null => $this->waterAgain($water, $much, $place),
            $waiting?->kind === TokenKind::MadeUpTo => $this->basis($much),
            $place->isStrengthFrom() => $this->open->strength = $much,
            $place->isSaidAgain() => $this->open->also[] = [$much, ...$place->span()],
            $place->isRangeOrRate() => throw Unclear::becauseOf($this->units->rangeOrRate($this->open->much ?? $much, $much, $this->open->namesCameFirst())),
            $place->isRange() => $this->open->much = $this->joined->range($this->open->much ?? $much, $much),
            $place->isOrSo() => $this->open->much = $this->open->much?->upTo($much->low, $much->to),
            $place->isTail() => $this->tail($much),
            $this->open->much === null => $this->open->much = $much,
            $place->isSum() => $this->open->much = $this->joined->sum($this->open->much, $much),
            $place->isStrength() => $this->open->strength = $much,
            $place->isAmountOf() => [$this->open->strength, $this->open->much] = [$this->open->much, $much],
            $waiting?->kind === TokenKind::Or => throw Unclear::becauseOf(new Refusal(LineFinding::TwoThings)),
            $this->open->things === [] => throw Unclear::becauseOf(new Refusal(LineFinding::Shape)),
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
        } elseif ($this->paren !== null && $thing->refines($first)) {
            $this->open->things[0] = $thing->assumed === null ? $thing : $first;
        } elseif ($waiting?->kind === TokenKind::Or) {
            $this->either($first, $thing);
        } elseif ($this->open->takesMore() || ($this->open->much === null && ($joint !== null || $waiting !== null))) {
            $this->open->things[] = $thing;
        } elseif ($joint === null && ! $this->open->namesCameFirst()) {
            throw Unclear::becauseOf(new Refusal(LineFinding::TwoThings));
        } else {
            $this->close();
            $this->open->things[] = $thing;
        }
    }

    private function either(Token $first, Token $second): void
    {
        if ($first->kind === $second->kind && $first->code === $second->code && $first->kind !== TokenKind::Stock) {
            return;
        }
        throw Unclear::becauseOf($this->units->either($first, $second));
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
    private function waterAgain(Much $water, Much $much, AmountPlace $place): void
    {
        if (! $this->units->agree($water, $much, null)) {
            throw Unclear::becauseOf($this->units->twoAmounts($water, [$much, ...$place->span()]));
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
            throw Unclear::becauseOf(new Refusal($much->kind === MuchKind::Counted ? LineFinding::NoUnitWater : LineFinding::Shape));
        }
        $this->clauses[] = $this->water(new Tail($much, true));
        $this->justWater = $much;
    }

    private function lastIsBasis(): bool
    {
        $last = end($this->clauses);

        return $last !== false && $last->isWater();
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
