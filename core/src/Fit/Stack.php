<?php

declare(strict_types=1);

namespace Incastro\Core\Fit;

use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** What lies between two planes of the house along one axis, layer by layer, and what is left to the plane it is to be flush with. */
final readonly class Stack implements \JsonSerializable
{
    /**
     * @param  list<array{name: Text, size: Length}>  $layers  in order, each not nothing
     * @param  Text|null  $plane  what it is measured against; null where nobody has read it
     * @param  Length|null  $rest  what is left; negative where the stack stands past the plane
     */
    public function __construct(public array $layers, public ?Text $plane, public ?Length $rest)
    {
    }

    /** @param  list<array{Text, Length}>  $layers */
    public static function of(array $layers, ?Text $plane, ?Length $at): self
    {
        $kept = array_values(array_map(fn (array $l): array => ['name' => $l[0], 'size' => $l[1]],
            array_filter($layers, fn (array $l): bool => ! $l[1]->isZero())));
        $sum = array_reduce($kept, fn (Length $sum, array $l): Length => $sum->plus($l['size']), Length::zero());

        return new self($kept, $plane, $at?->minus($sum));
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['layers' => $this->layers, 'plane' => $this->plane, 'rest' => $this->rest];
    }
}
