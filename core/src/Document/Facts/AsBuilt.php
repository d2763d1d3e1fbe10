<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

use Incastro\Core\Document\Reading\Node;
use Incastro\Core\Measure\Length;
use Incastro\Core\Measure\Text;

/** A fact: a part measures so much as it was made; what was not measured is as planned. Measured as it came off the saw, with the begun sheet it came off. */
final readonly class AsBuilt implements Fact
{
    public function __construct(public string $id, public string $part, public ?Length $length,
        public ?Length $width, public ?Length $thickness, public ?string $at, public ?string $begun = null)
    {
    }

    public static function read(Node $node, string $id, ?string $at): self
    {
        $length = fn (string $key): ?Length => $node->at($key)->optionalLength(Length::fromMillimetres(1), Length::fromMillimetres(20_000));
        $fact = new self($id, $node->at('part')->text(160), $length('length'), $length('width'),
            $length('thickness'), $at, $node->at('begun')->isMissing() ? null : $node->at('begun')->text(26));
        if ($fact->length === null && $fact->width === null && $fact->thickness === null) {
            $node->wrong(Text::of('document.as_built_empty'));
        }

        return $fact;
    }
}
