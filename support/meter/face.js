const form = document.querySelector('form');
const display = document.querySelector('output');
const post = (path, body) =>
    fetch(path, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) }).then((r) => r.json());
const words = { out_of_range: 'Out of range', no_signal: 'No signal' };

fetch('/meter/places')
    .then((r) => r.json())
    .then(({ places, battery }) => {
        for (const place of Object.values(places)) form.room.add(new Option(place.name, place.id));
        form.battery.value = battery;
    });

form.addEventListener('submit', async (e) => {
    e.preventDefault();
    const { room, way, at, z, x, off, steady } = form;
    const press = { room: room.value, way: way.value, at: at.value, z: +z.value, x: +x.value, off: +off.value, steady: steady.checked };
    const happened = await post('/meter/press', press);
    form.battery.value = happened.battery;
    if (happened.event === 'reading') display.textContent = `${happened.data.mm.toFixed(1)} mm`;
    else display.textContent = words[happened.data.code] ?? 'Battery empty';
});

form.battery.addEventListener('change', () => post('/meter/battery', { percent: +form.battery.value }));
