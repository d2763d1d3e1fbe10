<?php

declare(strict_types=1);

namespace Incastro\Core\Measure;

/** A text or number that is not a length; `reason` is the key of the sentence, `found` what stood there. */
final class LengthNotReadable extends \InvalidArgumentException implements CoreException
{
    private function __construct(public readonly string $reason, public readonly string $found, string $sentence)
    {
        parent::__construct($sentence);
    }

    public static function empty(): self
    {
        return new self('empty', '', 'Nothing was entered; expected a length such as 34 5/8, 2\' 10 5/8", 880 or 88cm.');
    }

    public static function unknownSign(string $found): self
    {
        return new self('sign', $found, sprintf('Could not read "%s"; expected a length such as 34 5/8, 2\' 10 5/8", 880 or 88cm.', $found));
    }

    public static function ambiguousComma(string $found): self
    {
        return new self('comma', $found, sprintf('"%s" could be a decimal or a thousands comma; write it with a point or without the comma.', $found));
    }

    public static function badGroups(string $found): self
    {
        return new self('groups', $found, sprintf('"%s" is two numbers with nothing between them; put +, − or a unit between.', $found));
    }

    public static function twoLengths(): self
    {
        return new self('product', '', 'Two lengths cannot be multiplied; only one factor may carry a unit.');
    }

    public static function divisor(): self
    {
        return new self('divisor', '', 'A length can only be divided by a plain number other than zero.');
    }

    public static function unfinished(): self
    {
        return new self('unfinished', '', 'The sum is not finished; a number is missing at its end or a bracket is open.');
    }

    public static function tooLong(): self
    {
        return new self('range', '', 'That is longer than 50 m; expected a length inside a house.');
    }

    public static function offGrid(string $found): self
    {
        return new self('grid', $found, sprintf('%s mm is finer than a length can hold; expected at most 6 decimals on the grid of 25 nm.', $found));
    }
}
