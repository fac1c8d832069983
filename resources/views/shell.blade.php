<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>Hawkbrush</title>
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="icon" href="/mark.svg" type="image/svg+xml">
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="root"></div>
    <noscript>Hawkbrush needs JavaScript to draw baits.</noscript>
</body>
</html>
