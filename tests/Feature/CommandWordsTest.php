<?php

declare(strict_types=1);

use App\Console\SaidCommand;

it('tells of every command what it does and what is asked of it', function (): void {
    $classes = array_map(static fn(string $file): string => 'App\\Console\\' . basename($file, '.php'), array_filter((array) glob(dirname(__DIR__, 2) . '/app/Console/*Command.php'), is_string(...)));
    $told = 0;
    foreach ($classes as $class) {
        if (! class_exists($class) || ! is_subclass_of($class, SaidCommand::class) || (new ReflectionClass($class))->isAbstract()) {
            continue;
        }
        $command = app($class);
        ++$told;
        expect($command->getDescription())->not->toBe('', $class);
        foreach ([...$command->getNativeDefinition()->getArguments(), ...$command->getNativeDefinition()->getOptions()] as $name => $asked) {
            expect($asked->getDescription())->not->toBe('', "{$class} {$name}");
        }
    }
    expect($told)->toBeGreaterThan(12);
});
