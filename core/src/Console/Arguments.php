<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\LengthNotReadable;
use Incastro\Core\Measure\LengthReader;
use Incastro\Core\Measure\Unit;

/** Words and --options of a command line. */
final readonly class Arguments
{
    /**
     * @param  list<string>  $words
     * @param  array<string, string>  $options
     */
    private function __construct(private array $words, private array $options)
    {
    }

    /** @param  list<string>  $arguments */
    public static function of(array $arguments): self
    {
        $words = $options = [];
        while ($arguments !== []) {
            $argument = array_shift($arguments);
            if (! str_starts_with($argument, '--')) {
                $words[] = $argument;

                continue;
            }
            [$name, $value] = explode('=', substr($argument, 2), 2) + [1 => null];
            $options[$name] = $value ?? array_shift($arguments) ?? throw BadUsage::missing("The value of --$name");
        }

        return new self($words, $options);
    }

    public function word(string $what): string
    {
        return $this->words[0] ?? throw BadUsage::missing($what);
    }

    /** @param  list<string>  $known */
    public function allow(array $known): void
    {
        foreach (array_keys($this->options) as $option) {
            if (! in_array($option, $known, true)) {
                throw BadUsage::unknownOption($option);
            }
        }
    }

    public function option(string $name): ?string
    {
        return $this->options[$name] ?? null;
    }

    public function length(string $name, string $default): Length
    {
        $text = $this->options[$name] ?? $default;
        try {
            return LengthReader::read($text, Unit::Millimetre)->length;
        } catch (LengthNotReadable) {
            throw BadUsage::option($name, $text, 'a length such as 3.2 or 1/8 in');
        }
    }

    public function number(string $name, int $default, int $least, int $most): int
    {
        $text = $this->options[$name] ?? (string) $default;
        if (! preg_match('/^\d{1,9}$/', $text) || (int) $text < $least || (int) $text > $most) {
            throw BadUsage::option($name, $text, "a whole number from $least to $most");
        }

        return (int) $text;
    }

    public function file(string $what): string
    {
        $path = $this->word($what);
        $text = is_file($path) ? @file_get_contents($path) : false;

        return $text === false ? throw BadUsage::unreadable($path) : $text;
    }
}
