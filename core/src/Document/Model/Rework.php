<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

use Incastro\Core\Document\Reading\Node;

/** What was decided of a begun sheet after the plan had changed, or a part of it came out wrong. */
final readonly class Rework
{
    /** What is left of it serves as a board to cut from. */
    public const STOCK = 'stock';

    public const LOST = 'lost';

    /**
     * @param  bool  $closed  it is cut no further as it was laid: what is not cut free is laid anew
     * @param  bool  $stock  what is left of it is cut from before a sheet is bought
     * @param  array<string, string>  $uses  by the part a piece was laid as: the part it serves as, STOCK or LOST
     */
    public function __construct(public bool $closed = false, public bool $stock = false, public array $uses = [])
    {
    }

    public static function read(Node $node): self
    {
        $is = fn (string $key): bool => ! $node->at($key)->isMissing() && $node->at($key)->flag();

        return new self($is('closed'), $is('stock'), $node->at('uses')->byKey(fn (Node $n): string => $n->text(160)));
    }
}
