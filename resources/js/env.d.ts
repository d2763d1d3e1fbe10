/// <reference types="vite/client" />
declare module '*.css';
declare module '@fontsource-variable/archivo/wdth.css';
