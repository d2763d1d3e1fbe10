<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Measure\CoreException;

/** A command line that cannot be followed. */
final class BadUsage extends \RuntimeException implements CoreException
{
    /** @param  list<string>  $known */
    public static function unknownCommand(string $name, array $known): self
    {
        return new self("\"$name\" is not a command; expected one of ".implode(', ', $known).'.');
    }

    public static function missing(string $what): self
    {
        return new self("$what is missing.");
    }

    public static function option(string $option, string $found, string $expected): self
    {
        return new self("--$option is \"$found\"; expected $expected.");
    }

    public static function unknownOption(string $option): self
    {
        return new self("--$option is not an option of this command.");
    }

    public static function unreadable(string $path): self
    {
        return new self("The file $path cannot be read.");
    }
}
