<?php

declare(strict_types=1);

namespace Notagram\Handover\Qti;

/** The list of what a package holds (1EdTech Content Packaging), at its root. */
final class Manifest
{
    public const NAME = 'imsmanifest.xml';

    /** @var list<Element> */
    private array $resources = [];

    public function __construct(private readonly QtiVersion $version)
    {
    }

    /**
     * @param string       $identifier of its own in the package
     * @param list<string> $files      that belong to it, the first of which it is
     * @param list<string> $needs      identifiers of other resources
     */
    public function add(string $identifier, string $type, array $files, array $needs = []): void
    {
        $this->resources[] = Element::of('resource', ['identifier' => $identifier, 'type' => $type, 'href' => $files[0] ?? ''],
            ...array_map(static fn (string $file) => Element::of('file', ['href' => $file]), $files),
            ...array_map(static fn (string $need) => Element::of('dependency', ['identifierref' => $need]), $needs),
        );
    }

    public function xml(): string
    {
        [$schema, $version] = $this->version->schema();

        // Content Packaging spells its names in one way, whatever it lists.
        return XmlFile::of(Element::of('manifest', ['xmlns' => $this->version->manifestNamespace(), 'identifier' => 'manifest'],
            Element::of('metadata', [], Element::of('schema', [], $schema), Element::of('schemaversion', [], $version)),
            Element::of('organizations'),
            Element::of('resources', [], ...$this->resources),
        ), QtiVersion::V12);
    }
}
