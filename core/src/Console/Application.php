<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Measure\CoreException;

/** The core on the command line: JSON on standard output, one clear line on standard error and exit 2 for bad input. */
final class Application
{
    private const COMMANDS = ['measure' => MeasureCommand::class, 'nest' => NestCommand::class,
        'plan' => PlanCommand::class, 'vocabulary' => VocabularyCommand::class];

    /** @param  list<string>  $arguments without the program's name */
    public static function run(array $arguments): int
    {
        try {
            $name = array_shift($arguments) ?? '';
            $command = self::COMMANDS[$name] ?? throw BadUsage::unknownCommand($name, array_keys(self::COMMANDS));
            $result = (new $command)->run(Arguments::of($arguments));
            fwrite(STDOUT, json_encode($result, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");

            return 0;
        } catch (CoreException $e) {
            fwrite(STDERR, $e->getMessage()."\n");

            return 2;
        }
    }
}
