<?php

declare(strict_types=1);

// A migration that has landed is never edited: databases that went through it would differ from those that come later.
// A new one is added here with its checksum.

const LANDED = [
    '2026_11_25_000001_create_stores' => 'a24f32e097a8f3deb774f744a6d45559f09d789da69455b67fb26d2ff2432437',
    '2026_11_25_000002_create_patterns' => 'b300a8bf016d5d27e2781decce6c17ed8de645b0a892aceec9d42ac58f0f7777',
    '2026_11_25_000003_create_runs' => '06790b3c557aa3970792ac4f96e78e8554f61c3cbadb6953cd98b9f2ee63304f',
    '2026_11_25_000004_widen_rack' => 'ebb148c07f7f35bed7ed5d94b835df22a039afd8e7428778b453bb36a68b5bcd',
    '2026_11_25_000005_bodies_and_masks' => '09bbab25ea93451f9b2e8f6016e9fb8feff5dbe3026dbafaefd57a40a8b3810f',
    '2026_11_25_000006_drying_learnt' => '7f96b5c8839d960fbff9e669f4a0688988949af5c383df19a65ad1c59fe0815a',
    '2026_11_29_000007_repair_first_day' => '0612452e9747e6eebed48a13d6b9beeb7ddd535c0dafe267a68e87ca9fb9472d',
    '2026_11_29_000008_fitted_copies_and_stamps' => '362d44730ee6fe3e3dbc668a86eb0b9bc613fb5c6ae695030cc47035cafaf531',
    '2026_11_29_000009_small_edits' => 'c458f8667577fe189e589516f707a5a565170f56fe5d9e72cac9637cb6c9f881',
    '2026_11_29_000010_imports' => 'e82e2d8badbe9b5df04daf811d19176b57355396d871da3bbfec9456add2a599',
    '2026_11_29_000011_optics_of_painted' => '797d5b5da7d8f2cb1a984083bf6092af11170cb45eb0a0335482d4cccd3f340a',
    '2026_11_29_000012_rejected_baits' => '3ed6cbfcd7fc0e17eb7de4bd8eb65100d3bb2f89e1766d899e2e3f31c0cfbc10',
    '2026_11_29_000013_rig_and_habits' => '7ca97c1fa6a3424526a9a17170ffe6e4d041641ffaff822eded36d79443fb58e',
    '2026_11_29_000014_clears' => 'cb67b5933706f37f42c74a136e88b86ee97e9b864bf4432e9c27c970a92c55e4',
    '2026_11_29_000015_eyes' => '36c06f3090ed2b1684232c72735020a86f8d1ee83500989df9b3d3e2dbfbf238',
    '2026_11_29_000016_price_of_paints' => 'a7d7729b85fd2cfc92c1f46278fbe0397db106fca8f67ad20bf776eb716567a6',
    '2026_11_30_000017_shelf_life_of_clears' => '5f80f82413d55081f6b1cc310df7bcb1523382d7adc8c3ea67112bdbb9099689',
    '2026_12_01_000018_growth' => '42612e1d133b6dd04e6d9c5cee3ba00c7c648a4d9c406be2b7ac16b165e04f48',
];

it('never changes a migration that has landed', function (): void {
    $now = [];
    foreach (glob(dirname(__DIR__, 2).'/database/migrations/*.php') ?: [] as $path) {
        $now[basename($path, '.php')] = hash_file('sha256', $path);
    }
    expect($now)->toBe(LANDED);
});
