<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

use Incastro\Core\Measure\CoreException;

/** A drawing that cannot be read; the message is one sentence with what was wrong and what was expected. */
final class DxfNotReadable extends \RuntimeException implements CoreException
{
    public static function binary(): self
    {
        return new self('This is a binary drawing file; expected DXF saved as text (ASCII).');
    }

    public static function notDxf(): self
    {
        return new self('This is not a DXF drawing; expected a text file of group codes and values with an ENTITIES section.');
    }

    public static function brokenAt(int $line, string $found): self
    {
        return new self("Line $line of the drawing is \"".mb_strimwidth($found, 0, 30, '…').'"; expected a group code, a whole number.');
    }

    public static function cutShort(): self
    {
        return new self('The drawing ends in the middle; expected it to end with EOF.');
    }

    public static function tooLarge(int $most): self
    {
        return new self("The drawing holds more than $most lines and arcs; expected the outline of one part or one wall.");
    }

    public static function empty(): self
    {
        return new self('The drawing holds no line, arc, circle or polyline; expected an outline made of those.');
    }

    public static function badNumber(string $found): self
    {
        return new self('The drawing holds "'.mb_strimwidth($found, 0, 30, '…').'" where a coordinate was expected.');
    }
}
