<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Measure\CoreException;

/** Everything that is wrong with a document or a change, collected. */
final class DocumentRejected extends \RuntimeException implements CoreException
{
    /** @param  non-empty-list<Problem>  $problems */
    public function __construct(public readonly array $problems)
    {
        $first = $problems[0];
        parent::__construct(sprintf('%s at %s%s', $first->says->key, $first->pointer === '' ? '/' : $first->pointer,
            count($problems) > 1 ? sprintf(' and %d more', count($problems) - 1) : ''));
    }

    public static function because(Problem $problem): self
    {
        return new self([$problem]);
    }
}
