<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PhpParser\Node;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** What a file of the product says: the sentences it names by key, those that stand in it, and what it puts into sentences later. */
final class SaidIn extends NodeVisitorAbstract
{
    /** @var list<array{string, list<string>, int}> key, names of its arguments, line */
    public array $calls = [];

    /** @var list<string> areas that are read whole, or by a key that is put together */
    public array $areas = [];

    /** @var list<array{string, int}> text, line */
    public array $sentences = [];

    /** @var list<string> every text */
    public array $texts = [];

    /** @var array<string, list<string>> names of the members of an array, by its variable */
    private array $arrays = [];

    private function __construct() {}

    public static function code(string $code): self
    {
        $said = new self();
        $traverser = new NodeTraverser($said);
        $traverser->traverse((new ParserFactory())->createForNewestSupportedVersion()->parse($code) ?? []);

        return $said;
    }

    public function enterNode(Node $node): ?int
    {
        // What documents the API for whoever writes programs is not read by gardeners.
        if ($node instanceof Node\Attribute) {
            return self::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Node\Expr\StaticCall && $node->class instanceof Node\Name && $node->class->getLast() === 'Say') {
            $this->call($node);
        }
        if ($node instanceof Node\Expr\Assign && $node->var instanceof Node\Expr\Variable && is_string($node->var->name) && $node->expr instanceof Node\Expr\Array_) {
            $this->arrays[$node->var->name] = $this->names($node->expr);
        }
        $text = match (true) {
            $node instanceof Node\Scalar\String_, $node instanceof Node\InterpolatedStringPart => $node->value,
            default => null,
        };
        if ($text !== null) {
            $this->texts[] = $text;
            if (self::isSentence($text)) {
                $this->sentences[] = [$text, $node->getStartLine()];
            }
        }

        return null;
    }

    /** Two words beside each other that are neither SQL, nor a pattern, nor a style. */
    public static function isSentence(string $text): bool
    {
        $said = trim(strip_tags($text));

        return preg_match('/\p{L}{2,}[,;:.!?”’%)]? [“(]?\p{L}{2,}/u', $said) === 1
            && preg_match('/^-\/\/|^[^A-Z]*\b(select|from|where|null|pragma|delete|insert|update|order by|rowid|vacuum|json_valid|json_extract|join|group by|charset|as planned|src)\b|^[+%-][^A-Z]*(days|hours?|minutes|seconds)$|^\/.*\/[a-z]*$|[{;]\s*[a-z-]+:|="|\w=\w|notnull/s', $said) !== 1;
    }

    private function call(Node\Expr\StaticCall $call): void
    {
        $key = $call->args[0] ?? null;
        $literal = $key instanceof Node\Arg && $key->value instanceof Node\Scalar\String_ ? $key->value->value : null;
        $name = $call->name instanceof Node\Identifier ? $call->name->toString() : '';
        if ($name !== 'it') {
            $this->areas[] = (string) $literal;
        } elseif ($literal !== null) {
            $given = ($call->args[1] ?? null) instanceof Node\Arg ? $call->args[1]->value : null;
            $this->calls[] = [$literal, $this->names($given), $call->getStartLine()];
        } elseif ($key instanceof Node\Arg && $key->value instanceof Node\Scalar\InterpolatedString && $key->value->parts[0] instanceof Node\InterpolatedStringPart) {
            $this->areas[] = explode('/', $key->value->parts[0]->value)[0];
        }
    }

    /**
     * @return list<string> of an array that is written there, or was put into a variable before
     */
    private function names(?Node\Expr $given): array
    {
        if ($given instanceof Node\Expr\Variable) {
            return is_string($given->name) ? $this->arrays[$given->name] ?? [] : [];
        }
        $names = [];
        foreach ($given instanceof Node\Expr\Array_ ? $given->items : [] as $item) {
            array_push($names, ...($item->unpack ? $this->names($item->value) : [$item->key instanceof Node\Scalar\String_ ? $item->key->value : '']));
        }

        return $names;
    }

    /** @return list<string> names in braces */
    public static function arguments(string $sentence): array
    {
        preg_match_all('/\{([\w-]+)(?::\w+)?\}/', $sentence, $found);

        return array_values(array_unique($found[1]));
    }
}
