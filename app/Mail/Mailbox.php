<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Support\Str;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Where no mail server is: each message is a file of its own, for whoever runs the server to read and pass on. */
final class Mailbox extends AbstractTransport
{
    public function __construct(private readonly string $folder)
    {
        parent::__construct();
    }

    protected function doSend(SentMessage $message): void
    {
        if (! is_dir($this->folder)) {
            mkdir($this->folder, 0700, true);
        }
        $file = $this->folder.'/'.now()->format('Ymd-His').'-'.Str::lower(Str::random(6)).'.eml';
        file_put_contents("$file.part", $message->toString());
        chmod("$file.part", 0600);
        rename("$file.part", $file);
    }

    public function __toString(): string
    {
        return 'mailbox';
    }
}
