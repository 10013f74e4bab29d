import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// The library of dialogs and menus comes when the first of them is opened; what it shares with the page must not wait there.
const chunks = {
  groups: [
    { name: 'react', test: /node_modules[\\/](react|react-dom|scheduler)[\\/]/, priority: 2 },
    { name: 'overlays', test: /node_modules[\\/](@radix-ui|radix-ui|@floating-ui|react-remove-scroll|aria-hidden)/, priority: 1 },
  ],
};

export default defineConfig({
  base: '/build/',
  plugins: [react(), tailwindcss()],
  build: { outDir: '../public/build', emptyOutDir: true, target: 'es2022', rolldownOptions: { output: { advancedChunks: chunks } } },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
});
