<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use Tests\Architecture\Sources;

/*
 * What is shipped is handed to whoever reckons with it. A rule that reached for it would go by the shipped catalogue although
 * another one was passed.
 */

/** Words of the language that is spoken, and what anybody may be taken to have. */
const NO_CATALOGUE = '/Words$|^(Choices|Vocabulary|CommonSprayer)$/';

/** @return list<string> catalogues that a file reaches for outside the constructor over what is shipped */
function reachedFor(string $code): array
{
    $found = [];
    foreach ((new NodeFinder())->findInstanceOf((new ParserFactory())->createForNewestSupportedVersion()->parse($code) ?? [], Node\Stmt\ClassMethod::class) as $method) {
        foreach ($method->name->toString() === 'shipped' ? [] : (new NodeFinder())->findInstanceOf([$method], Node\Expr\StaticCall::class) as $call) {
            $class = $call->class instanceof Node\Name ? $call->class->getLast() : '';
            if ($call->name instanceof Node\Identifier && $call->name->toString() === 'shipped' && preg_match(NO_CATALOGUE, $class) !== 1) {
                $found[] = "{$method->name->toString()} {$class}";
            }
        }
    }

    return $found;
}

it('reaches for no shipped catalogue inside a rule, a reader or an answer', function (): void {
    foreach ([...Sources::core(), ...Sources::app()] as $file) {
        if (basename($file) !== 'MixerServiceProvider.php') {
            expect(reachedFor((string) file_get_contents($file)))->toBe([], $file);
        }
    }
    expect(reachedFor('<?php class A { function of() { return Limits::shipped()->value("x"); } static function shipped() { return new self(Limits::shipped()); } }'))->toBe(['of Limits']);
});
