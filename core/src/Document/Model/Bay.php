<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

/**
 * One opening of a band from left to right: what it holds, or bands again, and what closes it. `through`: the bands above
 * that its divider runs on into. `openFloor`: no bottom and no base under it, its uprights stand on the floor; so too where what is in it
 * rolls on castors, which would drop off a bottom when it is drawn out.
 */
final readonly class Bay
{
    public bool $openFloor;

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
        bool $openFloor,
        public Methods $methods,
        public array $bands,
    ) {
        $this->openFloor = $openFloor || $fill->isOnCastors();
    }

    public function hasBack(): bool
    {
        return ! $this->openBack && $this->fill->kind !== FillKind::Crawl;
    }
}
