<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/**
 * One opening of a band from left to right: what it holds, or bands again, and what closes it. `through`: the bands above
 * that its divider runs on into. `openFloor`: no bottom and no base under it, its uprights stand on the floor.
 */
final readonly class Bay
{
    /**
     * @param  list<string>  $through
     * @param  array<string, Band>  $bands
     */
    public function __construct(
        public string $id,
        public BayWidth $width,
        public array $through,
        public Fill $fill,
        public ?Door $door,
        public bool $openBack,
        public bool $openFloor,
        public Methods $methods,
        public array $bands,
    ) {
    }

    public function hasBack(): bool
    {
        return ! $this->openBack && $this->fill->kind !== FillKind::Crawl;
    }
}
