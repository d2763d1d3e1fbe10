<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/**
 * What a document says lies at a place of a sheet: a part, or one of the two halves it is made of. This is the one place that knows how
 * the id of a half is written in documents; behind it ids are only compared.
 */
final readonly class LaidPart
{
    private const HALF = '~';

    private function __construct(public string $id, public string $part, public ?int $half)
    {
    }

    public static function whole(string $part): self
    {
        return new self($part, $part, null);
    }

    /** @param  int  $half  1 or 2 */
    public static function half(string $part, int $half): self
    {
        return new self($part.self::HALF.$half, $part, $half);
    }

    /** @param  string  $id  as a document holds it */
    public static function read(string $id): self
    {
        return preg_match('/^(.+)'.self::HALF.'([12])$/', $id, $m) === 1 ? self::half($m[1], (int) $m[2]) : self::whole($id);
    }
}
