<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/** One entity of a drawing: what it is, its layer, and its values by group code in their order. */
final class Entity
{
    /** @var array<int, list<string>> */
    public array $values = [];

    /** @var list<Entity> the corners of an old polyline */
    public array $corners = [];

    public function __construct(public readonly string $kind)
    {
    }

    public function layer(): string
    {
        $layer = mb_scrub($this->values[8][0] ?? '0');

        return mb_substr((string) preg_replace('/[\x00-\x1f]/', '', $layer), 0, 60);
    }

    public function number(int $code, float $otherwise = 0.0, int $nth = 0): float
    {
        $found = $this->values[$code][$nth] ?? null;
        if ($found === null) {
            return $otherwise;
        }
        if (! is_numeric($found) || ! is_finite((float) $found) || abs((float) $found) > 1e7) {
            throw DxfNotReadable::badNumber(mb_scrub($found));
        }

        return (float) $found;
    }

    public function flag(int $code, int $bit): bool
    {
        return ((int) $this->number($code) & $bit) !== 0;
    }
}
