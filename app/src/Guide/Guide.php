<?php

declare(strict_types=1);

namespace App\Guide;

use League\CommonMark\Environment\Environment;
use League\CommonMark\Event\DocumentParsedEvent;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block\Heading;
use League\CommonMark\Extension\CommonMark\Node\Inline\AbstractWebResource;
use League\CommonMark\Extension\CommonMark\Node\Inline\Link;
use League\CommonMark\Extension\Table\TableExtension;
use League\CommonMark\MarkdownConverter;
use League\CommonMark\Node\StringContainerHelper;
use Notagram\Source\Regex;
use Symfony\Component\DependencyInjection\Attribute\Autowire;

/** The pages of docs/guide as the application serves them, with links and pictures under its own addresses. */
final readonly class Guide
{
    private const CONTENTS = 'README';
    private const FINDINGS = 'findings';

    public function __construct(#[Autowire('%kernel.project_dir%/../docs')] private string $docs)
    {
    }

    /** @return list<string> names of all pages, the table of contents first, then the job in its order */
    public function names(): array
    {
        $names = [];
        foreach (new \GlobIterator("{$this->docs}/guide/[0-9]*.md", \FilesystemIterator::CURRENT_AS_PATHNAME) as $path) {
            \assert(\is_string($path));
            $names[] = basename($path, '.md');
        }
        natsort($names);

        return [self::CONTENTS, ...array_values($names), self::FINDINGS];
    }

    /** Null where there is no such page. */
    public function page(string $name): ?GuidePage
    {
        if (!\in_array($name, $this->names(), true)) {
            return null;
        }
        $path = self::FINDINGS === $name ? "{$this->docs}/findings.md" : "{$this->docs}/guide/{$name}.md";
        $title = '';
        $environment = new Environment(['html_input' => 'escape', 'allow_unsafe_links' => false]);
        $environment->addExtension(new CommonMarkCoreExtension());
        $environment->addExtension(new TableExtension());
        $environment->addEventListener(DocumentParsedEvent::class, static function (DocumentParsedEvent $event) use (&$title): void {
            foreach ($event->getDocument()->iterator() as $node) {
                if ($node instanceof Heading && '' === $title) {
                    $title = StringContainerHelper::getChildText($node);
                } elseif ($node instanceof AbstractWebResource) {
                    $node->setUrl(self::addressOf($node->getUrl()));
                    if ($node instanceof Link && '' === $node->getUrl()) {
                        // What is not served is named without leading anywhere.
                        foreach (iterator_to_array($node->children()) as $child) {
                            $node->insertBefore($child);
                        }
                        $node->detach();
                    }
                }
            }
        });
        $html = (new MarkdownConverter($environment))->convert((string) file_get_contents($path))->getContent();

        return new GuidePage($name, $title, $html);
    }

    /** Null where there is no such picture. */
    public function picture(string $name): ?string
    {
        $path = "{$this->docs}/screenshots/{$name}.png";

        return Regex::match('/^[a-z0-9-]++\z/', $name) && is_file($path) ? $path : null;
    }

    /** Empty for what lies outside the guide. */
    private static function addressOf(string $url): string
    {
        return match (true) {
            Regex::match('~^\.\./screenshots/([a-z0-9-]+)\.png\z~', $url, $match) => "/guide/pictures/{$match[1]}.png",
            '../findings.md' === $url => '/guide/'.self::FINDINGS,
            Regex::match('~^([0-9][a-z0-9-]*)\.md\z~', $url, $match) => "/guide/{$match[1]}",
            'README.md' === $url, 'guide/README.md' === $url => '/guide',
            Regex::match('~^#|^guide/([0-9][a-z0-9-]*)\.md\z~', $url, $match) => isset($match[1]) ? "/guide/{$match[1]}" : $url,
            default => '',
        };
    }
}
