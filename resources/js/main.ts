document.getElementById('app')!.textContent='hello';
